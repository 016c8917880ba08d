export function byId<T extends { id: string }>(all: T[], id: string | undefined): T | undefined {
  return all.find((one) => one.id === id)
}
