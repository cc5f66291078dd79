import type { Schemas } from '@/api/client'

export type Wish = Schemas['Wish']
export type Eater = Schemas['AskDiner']
export type Want = NonNullable<Wish['wants']>[number]
export type Scale = 'kitchen' | 'official'
export type Surface = 'patted' | 'dried' | 'wet'
/** What was set by hand of the piece, in the words of an ask. */
export type Hand = Partial<Schemas['Ask']>

/** A dish that is on the ticket already, while the next is asked for. */
export interface DishAside {
  asked: Schemas['NewDish']
  name: string
  method: string
  price: number | null
}

/** One customer at the counter: all that is said, chosen and set for them, kept on the device. */
export interface OpenAsk {
  key: string
  line: string
  /** The line was typed and is to be read; otherwise it is written from the wish. */
  isTyped: boolean
  /** Words of the line that nobody understood, so that they stay when the line is written anew. */
  keep: string[]
  /** Those of them the advisor goes on without. */
  confirmed: string[]
  wish: Wish
  choice: Schemas['Choice'] | null
  hand: Hand
  /** What stands in a field and is no figure, by field. */
  texts: Record<string, string>
  sold: { lot: string | null; text: string }
  /** Cautions that were read out, of which findings. */
  read: { of: string; ids: string[] }
  dishes: DishAside[]
  /** Dishes that were said in the same line and come after this one. */
  waiting: Wish[]
  tab: 'matches' | 'piece'
  label: string
  customer: number | null
  /** What is being given, and the key under which it is given once. */
  giving: { body: string; key: string } | null
  given: Schemas['StoredTicket'] | null
  /** Sent to the bench ahead of its ticket: which ask, and the order it is there. */
  sent: { of: string; order: number } | null
  /** Number of the ticket taken back last. */
  takenBack: number | null
}

export const NOTHING: Wish = { diners: [{ count: 2 }] }

export const freshAsk = (key: string): OpenAsk => ({
  key,
  line: '',
  isTyped: false,
  keep: [],
  confirmed: [],
  wish: NOTHING,
  choice: null,
  hand: {},
  texts: {},
  sold: { lot: null, text: '' },
  read: { of: '', ids: [] },
  dishes: [],
  waiting: [],
  tab: 'matches',
  label: '',
  customer: null,
  giving: null,
  given: null,
  sent: null,
  takenBack: null,
})

/** The next dish of the same meal: the one that was said, or the same people, fire and hour and nothing said of the meat. */
export const nextDish = (ask: OpenAsk, wish: Wish, waiting: Wish[], dish: DishAside): OpenAsk => ({
  ...freshAsk(ask.key),
  waiting: waiting.slice(1),
  dishes: [...ask.dishes, dish],
  label: ask.label,
  customer: ask.customer,
  wish: waiting[0] ?? {
    diners: wish.diners.map((eater) => ({ ...eater, doneness: undefined })),
    appliances: wish.appliances,
    fires: wish.fires,
    eat_at: wish.eat_at,
  },
})

/** As it is sent: the line while it is typed, else the wish. */
export const asAsked = (ask: OpenAsk) => ({
  ...(ask.isTyped ? (ask.line.trim() === '' ? { wish: NOTHING } : { line: ask.line }) : { wish: ask.wish, keep: ask.keep }),
  choice: ask.choice,
  hand: ask.hand,
  table: ask.dishes.flatMap((dish) => dish.asked.ask.diners),
})
