// Favourites and folders: shown at once, put back with a sentence if the server says no.
import { type ShallowRef } from 'vue'
import { answer, api } from '@/api/client'
import type { Library, LibraryEntry } from '@/api/types'
import { useAction } from '@/shared/useAction'

export function useShelf(library: ShallowRef<Library | undefined>, reload: () => Promise<void>) {
  const { problem, run } = useAction()

  function replace(id: string, part: Partial<LibraryEntry>): void {
    const before = library.value
    if (!before) return
    library.value = {
      ...before,
      drills: before.drills.map((entry) => (entry.drill.id === id ? { ...entry, ...part } : entry)),
    }
  }

  async function doing(call: () => Promise<unknown>): Promise<void> {
    if (!(await run(call))) await reload()
  }

  async function setFavourite(entry: LibraryEntry, favourite: boolean): Promise<void> {
    const params = { path: { id: entry.drill.id } }
    replace(entry.drill.id, { favourite })
    await doing(() =>
      favourite
        ? answer(api.PUT('/api/v1/drills/{id}/favourite', { params }))
        : answer(api.DELETE('/api/v1/drills/{id}/favourite', { params })),
    )
  }

  async function setInFolder(entry: LibraryEntry, folder: string, inside: boolean): Promise<void> {
    const params = { path: { id: folder, drillId: entry.drill.id } }
    const others = entry.folders.filter((one) => one !== folder)
    replace(entry.drill.id, { folders: inside ? [...others, folder] : others })
    await doing(() =>
      inside
        ? answer(api.PUT('/api/v1/folders/{id}/drills/{drillId}', { params }))
        : answer(api.DELETE('/api/v1/folders/{id}/drills/{drillId}', { params })),
    )
  }

  /** The new folder's id, nothing if it was refused. */
  async function makeFolder(name: string): Promise<string | undefined> {
    let made: string | undefined
    await doing(async () => {
      const folder = await answer(api.POST('/api/v1/folders', { body: { name } }))
      made = folder.id
      if (library.value) library.value = { ...library.value, folders: [...library.value.folders, folder] }
    })
    return made
  }

  async function removeFolder(id: string): Promise<void> {
    await doing(() => answer(api.DELETE('/api/v1/folders/{id}', { params: { path: { id } } })))
    await reload()
  }

  return { problem, setFavourite, setInFolder, makeFolder, removeFolder }
}
