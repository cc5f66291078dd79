<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { useI18n } from 'vue-i18n'
import { useGuide } from './useGuide'

const open = defineModel<boolean>({ required: true })
const { t } = useI18n()
const guide = useGuide()
const showAgain = () => {
  guide.isOn = true
  open.value = false
}
const says = [
  'count',
  'apart',
  'risk',
  'done',
  'not',
  'cut',
  'thick',
  'fire',
  'how',
  'when',
  'money',
  'want',
  'lot',
  'dish',
  'more',
] as const
const keys = [
  ['/', 'line'],
  ['1 – 8', 'match'],
  ['N', 'next_customer'],
  ['C', 'another_customer'],
  ['D', 'dish'],
  ['[  ]', 'thickness'],
  ['U', 'units'],
  ['P', 'give'],
  ['?', 'help'],
  ['← →', 'choice'],
  ['Tab', 'next'],
] as const
</script>

<template>
  <Dialog v-model:visible="open" modal :header="t('sayIt.header')" :close-button-props="{ 'aria-label': t('keys.close') }">
    <div class="both">
      <section
        ><h2>{{ t('sayIt.title') }}</h2
        ><p>{{ t('sayIt.hint') }}</p>
        <dl class="says"
          ><template v-for="each in says" :key="each"
            ><dt>{{ t(`sayIt.what.${each}`) }}</dt
            ><dd
              ><code>{{ t(`sayIt.how.${each}`) }}</code></dd
            ></template
          ></dl
        ></section
      >
      <section
        ><h2>{{ t('keys.title') }}</h2
        ><dl class="keys"
          ><template v-for="[key, what] in keys" :key="what"
            ><dt
              ><kbd>{{ key }}</kbd></dt
            ><dd>{{ t(`keys.${what}`) }}</dd></template
          ></dl
        ><button type="button" class="plain" data-testid="guide-again" @click="showAgain">{{ t('guide.again') }}</button></section
      ></div
    >
  </Dialog>
</template>

<style scoped>
.both {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 34px;
}
.both section {
  max-width: 640px;
}
h2 {
  font-size: 20px;
}
p {
  margin: 4px 0 8px;
}
.says {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 7px 12px;
  margin: 0;
  font-size: 15.5px;
}
.says dt {
  color: var(--soft);
}
code {
  font: 600 16.5px/1.3 var(--figures);
}
.keys {
  display: grid;
  grid-template-columns: 90px 240px;
  gap: 14px 10px;
  margin: 0;
  padding: 6px 0;
  font-size: 16px;
}
dd {
  margin: 0;
}
kbd {
  font: 700 17px/1 var(--figures);
  border: 1px solid var(--ink);
  padding: 4px 9px;
}
</style>
