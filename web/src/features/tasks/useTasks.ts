import { computed, onMounted, ref, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue'
import { refusal } from '@/job/useAsked'
import { api, type ApiProblem } from '@/shared/api/client'
import type { OwnTasks, TaskBoard, TaskData, TaskFile } from '@/shared/api/types'

export interface UseTasksReturn {
  board: ShallowRef<TaskBoard | null>
  problem: Ref<string>
  /** What is wrong with single fields of the task that was saved last. */
  wrong: ShallowRef<Record<string, string>>
  shipped: ComputedRef<Set<string>>
  own: ComputedRef<Set<string>>
  save: (task: TaskData) => Promise<boolean>
  drop: (id: string) => Promise<boolean>
  take: (file: TaskFile) => Promise<boolean>
}

/** The yard's library: what ships, with its own in the place of it. Each change is saved at once. */
export function useTasks(): UseTasksReturn {
  const board = shallowRef<TaskBoard | null>(null)
  const problem = ref('')
  const wrong = shallowRef<Record<string, string>>({})

  async function load() {
    try {
      board.value = await api.get<TaskBoard>('/api/tasks')
      problem.value = ''
    } catch (e) {
      problem.value = refusal(e)
    }
  }
  onMounted(load)

  async function put(file: TaskFile): Promise<boolean> {
    const body: OwnTasks = { file, version: board.value!.own.version }
    problem.value = ''
    wrong.value = {}
    try {
      await api.put<OwnTasks>('/api/tasks/own', body)
      await load()
      return true
    } catch (e) {
      const refused = e as ApiProblem
      wrong.value = Object.fromEntries(
        Object.entries(refused.fields(body)).map(([path, said]) => [
          path.split('.').at(-1)!,
          refusal({ said: [said] }),
        ]),
      )
      problem.value =
        refused.status === 409
          ? 'Somebody else has changed the tasks meanwhile: theirs are shown, yours was not saved.'
          : refusal(e)
      if (refused.status === 409) await load()
      return false
    }
  }
  const others = (id: string) => board.value!.own.file.tasks.filter((t) => t.id !== id)
  return {
    board,
    problem,
    wrong,
    shipped: computed(() => new Set(board.value?.shipped ?? [])),
    own: computed(() => new Set((board.value?.own.file.tasks ?? []).map((t) => t.id))),
    save: (task) => put({ ...board.value!.own.file, tasks: [...others(task.id), task] }),
    drop: (id) => put({ ...board.value!.own.file, tasks: others(id) }),
    take: put,
  }
}
