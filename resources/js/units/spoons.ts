import type { Schemas } from '@/api/client'

const QUARTERS = ['', '¼', '½', '¾']

/** "1½ tsp", as a kitchen without a scale measures it; nothing for what is only weighed. */
export function spoons(amount: Schemas['DressingAmount'], t: (key: string) => string): string {
  if (amount.spoons === null || amount.spoon === null) return ''
  if (amount.spoon === 'pinch') return t('spoon.pinch')
  const whole = Math.floor(amount.spoons)
  const quarter = QUARTERS[Math.round((amount.spoons - whole) * 4)] ?? ''
  return `${whole > 0 || quarter === '' ? whole : ''}${quarter} ${t(`spoon.${amount.spoon}`)}`
}
