import drawings from './drawings.json'

export interface Drawing {
  outline: string
  extra: string
  free: string[]
  regions: Record<string, string>
}

const all: Record<string, Drawing> = drawings

export const drawingOf = (animal: string): Drawing | undefined => all[animal]

/** Regions that stand for the whole animal or what lies inside it: drawn only when they are the one marked. */
export const isWholeAnimal = (region: string): boolean => ['whole', 'trim', 'inside', 'crown'].includes(region)
