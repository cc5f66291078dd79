<script setup lang="ts">
import Tab from 'primevue/tab'
import TabList from 'primevue/tablist'
import Tabs from 'primevue/tabs'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { OpenAsk } from '@/asks/openAsk'
import { useAsks } from '@/asks/useAsks'

// A queue stands at the counter: each customer is a tab with an ask of their own.
const emit = defineEmits<{ another: []; changed: [] }>()
const { t } = useI18n()
const asks = useAsks()
const at = computed({
  get: () => asks.ask.key,
  set: (key: string | number) => {
    asks.at = asks.list.findIndex((each) => each.key === key)
    emit('changed')
  },
})
const LONGEST = 22
const named = (ask: OpenAsk, i: number) => {
  const said =
    ask.label || (ask.isTyped ? ask.line : '') || ask.dishes.at(-1)?.name || ask.wish.named || t('customers.nth', { number: i + 1 })
  return said.length > LONGEST ? `${said.slice(0, LONGEST)}…` : said
}
</script>

<template>
  <div class="strip" data-testid="customer-tabs">
    <Tabs v-model:value="at" class="tabs" scrollable>
      <TabList :aria-label="t('customers.open')">
        <Tab v-for="(each, i) in asks.list" :key="each.key" :value="each.key" aria-controls="customer" data-testid="customer-tab">{{
          named(each, i)
        }}</Tab>
      </TabList>
    </Tabs>
    <button type="button" class="more" data-testid="another-customer" @click="emit('another')"
      >+ {{ t('line.another') }} <kbd>C</kbd></button
    >
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: stretch;
  background: #e3e8e6;
  border-bottom: 1px solid var(--line);
  padding: 0 12px;
  min-width: 0;
}
.tabs {
  flex: 1;
  min-width: 0;
}
.tabs :deep(.p-tablist),
.tabs :deep(.p-tablist-content),
.tabs :deep(.p-tablist-tab-list) {
  background: transparent;
  border: 0;
}
.tabs :deep(.p-tab) {
  min-height: 38px;
  padding: 0 14px;
  font: 600 16px/1 var(--figures);
  white-space: nowrap;
}
.more {
  flex: none;
  border: 0;
  background: none;
  font: 600 16px/1 var(--figures);
  color: var(--ink);
  cursor: pointer;
  padding: 0 8px;
  min-height: 38px;
}
.more kbd {
  font: 600 13px/1 var(--figures);
  border: 1px solid currentColor;
  padding: 2px 5px;
  margin-left: 4px;
}
</style>
