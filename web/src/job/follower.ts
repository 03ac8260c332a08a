/**
 * Follows what is dragged: one answer at a time, and the newest place is asked for as soon as one is in. A question
 * that fails is not repeated: the answer to the edit itself says why, once it is let go.
 */
export function follower(ask: () => Promise<void>, dragging: () => boolean): () => Promise<void> {
  let following = false
  let behind = false
  return async () => {
    if (following) {
      behind = true
      return
    }
    following = true
    do {
      behind = false
      try {
        await ask()
      } catch {
        behind = false
      }
    } while (behind && dragging())
    following = false
  }
}
