// What script adds to the card on a phone: the step at hand, timers and a screen that stays awake. Without it the card reads the same.

const STEP = 'li:has(> input)'

function steps(): HTMLLIElement[] {
  return [...document.querySelectorAll<HTMLLIElement>(STEP)]
}

function isDone(step: HTMLLIElement): boolean {
  return step.querySelector('input')?.checked === true
}

function markStepAtHand(): void {
  const next = steps().find((step) => !isDone(step))
  for (const step of steps()) {
    step.classList.toggle('now', step === next)
    if (step === next) step.setAttribute('aria-current', 'step')
    else step.removeAttribute('aria-current')
  }
}

function clock(seconds: number): string {
  const whole = Math.abs(Math.round(seconds))
  const hours = Math.floor(whole / 3600)
  const minutes = Math.floor(whole / 60) % 60
  const tail = `${String(minutes).padStart(hours > 0 ? 2 : 1, '0')}:${String(whole % 60).padStart(2, '0')}`
  return hours > 0 ? `${hours}:${tail}` : tail
}

/** Counts down to the earliest moment it can be done by the wall clock, so that a phone that slept is right again when it wakes. */
function offerTimer(step: HTMLElement): void {
  const button = document.createElement('button')
  button.type = 'button'
  button.textContent = step.dataset['timer'] ?? ''
  let running = 0
  button.addEventListener('click', () => {
    if (running !== 0) {
      clearInterval(running)
      running = 0
      button.classList.remove('due')
      button.textContent = step.dataset['timer'] ?? ''
      return
    }
    const endsAtMs = Date.now() + Number(step.dataset['lowS']) * 1000
    const tick = (): void => {
      const leftS = (endsAtMs - Date.now()) / 1000
      button.textContent = leftS > 0 ? clock(leftS) : `${step.dataset['look'] ?? ''} +${clock(leftS)}`
      if (leftS <= 0 && !button.classList.contains('due')) {
        button.classList.add('due')
        navigator.vibrate?.([300, 150, 300])
      }
    }
    running = window.setInterval(tick, 500)
    tick()
  })
  step.append(button)
}

async function stayAwake(): Promise<void> {
  try {
    await navigator.wakeLock.request('screen')
  } catch {
    // not offered here, or the battery is low: the card works on
  }
}

/** One step at a time, big enough to be read from the stove; the readings and what to do when it goes wrong stay at hand. */
function offerWalk(): void {
  const words = document.querySelector('main')?.dataset ?? {}
  const button = (text: string | undefined, act: () => void): HTMLButtonElement => {
    const made = document.createElement('button')
    made.type = 'button'
    made.textContent = text ?? ''
    made.addEventListener('click', act)
    return made
  }
  const bar = document.createElement('div')
  bar.className = 'walk'
  const where = document.createElement('p')
  const tick = (step: HTMLLIElement | undefined, done: boolean): void => {
    const box = step?.querySelector('input')
    if (box) {
      box.checked = done
      box.dispatchEvent(new Event('change', { bubbles: true }))
    }
  }
  const walk = button(words['one'], () => {
    const isOne = document.body.classList.toggle('one')
    walk.textContent = (isOne ? words['all'] : words['one']) ?? ''
    window.scrollTo(0, 0)
  })
  const back = button(words['back'], () => tick(steps().filter(isDone).at(-1), false))
  const next = button(words['next'], () =>
    tick(
      steps().find((step) => !isDone(step)),
      true,
    ),
  )
  const show = (): void => {
    const [all, done] = [steps().length, steps().filter(isDone).length]
    where.textContent = (words['step'] ?? '').replace('#', String(Math.min(all, done + 1))).replace('#', String(all))
    back.disabled = done === 0
    next.disabled = done === all
  }
  next.className = 'due'
  bar.append(where, back, next, walk)
  document.body.append(bar)
  document.addEventListener('change', show)
  show()
}

/** Opened once, it opens again without a signal. */
async function keep(): Promise<void> {
  try {
    await navigator.serviceWorker.register('/card-keep.js', { scope: '/card/' })
  } catch {
    // not offered here: the page works on as long as it stays open
  }
}

document.querySelectorAll<HTMLElement>('[data-low-s]').forEach(offerTimer)
document.addEventListener('change', markStepAtHand)
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'visible') void stayAwake()
})
markStepAtHand()
if (steps().length > 0) offerWalk()
if ('serviceWorker' in navigator) void keep()
void stayAwake()
