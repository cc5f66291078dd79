/** The appliances a customer may own, in the order they are offered. */
export const applianceKinds = [
  'pan',
  'oven',
  'grill',
  'pot',
  'water_bath',
  'wok',
  'air_fryer',
  'broiler',
  'steamer',
  'smoker',
  'spit',
  'deep_fryer',
] as const
