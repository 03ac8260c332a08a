/** What stands in a file that somebody picked, or why it cannot be read, in words. */
export type JsonFile = { ok: true; name: string; content: unknown } | { ok: false; why: string }

/**
 * Reads the file that an input holds, and empties the input so that the same one can be picked again.
 *
 * @param most bytes: no such file is so long
 * @param what it should be: "file of tasks"
 * @returns null where none was picked
 */
export async function pickedJson(event: Event, most: number, what: string): Promise<JsonFile | null> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return null
  const { name } = file
  if (file.size > most) return { ok: false, why: `${name} is larger than any ${what} can be; nothing was read.` }
  try {
    return { ok: true, name, content: JSON.parse(await file.text()) }
  } catch {
    return { ok: false, why: `${name} is no ${what}: it is not JSON, or it has been cut off.` }
  }
}
