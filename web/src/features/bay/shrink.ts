/** Longer side of what is kept of a photograph, px. */
export const LONGEST = 2048
/** No file is larger, bytes. */
export const MOST = 10 * 1024 * 1024
const KINDS = ['image/jpeg', 'image/png', 'image/webp']
const QUALITY = 0.85

export type Shrunk = { ok: true; picture: Blob } | { ok: false; why: string }

/** Sides of a picture made small enough. */
export function fitted(width: number, height: number): { width: number; height: number } {
  const by = Math.min(1, LONGEST / Math.max(width, height))
  return { width: Math.max(1, Math.round(width * by)), height: Math.max(1, Math.round(height * by)) }
}

/** A photograph painted anew, small and with nothing in it but the picture; or why it cannot be taken, in words. */
export async function shrink(file: File): Promise<Shrunk> {
  if (file.size > MOST) {
    const megabytes = Math.round(file.size / 1024 / 1024)
    return { ok: false, why: `${file.name} has ${megabytes} MB; a photograph may have 10 MB. Nothing was kept.` }
  }
  if (!KINDS.includes(file.type))
    return { ok: false, why: `${file.name} is no JPEG, PNG or WebP picture. Nothing was kept.` }
  try {
    const bitmap = await createImageBitmap(file)
    const canvas = document.createElement('canvas')
    Object.assign(canvas, fitted(bitmap.width, bitmap.height))
    const pen = canvas.getContext('2d')!
    pen.fillStyle = '#fff'
    pen.fillRect(0, 0, canvas.width, canvas.height)
    pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
    bitmap.close()
    const picture = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
    if (picture) return { ok: true, picture }
  } catch {
    // said below
  }
  return { ok: false, why: `${file.name} cannot be read as a picture: it may be broken. Nothing was kept.` }
}
