/**
 * Places for names beside what they name: as near as they can stand, in its order, none nearer to the next than `room`.
 * Names that crowd stand evenly round the middle of theirs.
 */
export function spread(wanted: number[], room: number): number[] {
  const order = wanted.map((_, i) => i).sort((a, b) => wanted[a]! - wanted[b]!)
  // Crowds grow into each other: each has its members and the place of its first.
  const crowds: { members: number[]; first: number }[] = []
  for (const i of order) {
    let crowd = { members: [i], first: wanted[i]! }
    for (
      let last = crowds.at(-1);
      last && last.first + last.members.length * room > crowd.first;
      last = crowds.at(-1)
    ) {
      crowds.pop()
      const members = [...last.members, ...crowd.members]
      const middle = members.reduce((sum, m) => sum + wanted[m]!, 0) / members.length
      crowd = { members, first: middle - ((members.length - 1) * room) / 2 }
    }
    crowds.push(crowd)
  }
  const places: number[] = []
  for (const { members, first } of crowds) members.forEach((m, k) => (places[m] = first + k * room))
  return places
}
