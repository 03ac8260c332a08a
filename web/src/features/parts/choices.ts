/** A choice of a part's column as it is read: `PLATE_FIN` is “Plate fin”. */
export function choiceWord(choice: string): string {
  const words = choice.toLowerCase().replaceAll('_', ' ')
  return words.charAt(0).toUpperCase() + words.slice(1)
}
