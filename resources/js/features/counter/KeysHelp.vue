<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { useI18n } from 'vue-i18n'

const open = defineModel<boolean>({ required: true })
const { t } = useI18n()
const keys = [['/', 'line'], ['1 – 8', 'match'], ['N', 'next_customer'], ['[  ]', 'thickness'], ['U', 'units'], ['P', 'give'], ['?', 'help'], ['← →', 'choice'], ['Tab', 'next']] as const
</script>

<template>
  <Dialog v-model:visible="open" modal :header="t('keys.title')" :close-button-props="{ 'aria-label': t('keys.close') }">
    <dl class="keys"><template v-for="[key, what] in keys" :key="what"><dt><kbd>{{ key }}</kbd></dt><dd>{{ t(`keys.${what}`) }}</dd></template></dl>
  </Dialog>
</template>

<style scoped>
.keys { display: grid; grid-template-columns: 90px 240px; gap: 14px 10px; margin: 0; padding: 6px 0; font-size: 16px; }
dd { margin: 0; }
kbd { font: 700 17px/1 var(--figures); border: 1px solid var(--ink); padding: 4px 9px; }
</style>
