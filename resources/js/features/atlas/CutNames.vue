<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { addName, atlasKeys, removeName } from './queries'
import PickOne from '@/ui/PickOne.vue'
import InputText from 'primevue/inputtext'

const props = defineProps<{ cut: Schemas['CutPage']; mayChange: boolean }>()
const { t } = useI18n()
const queries = useQueryClient()
const places = ['us', 'uk', 'au', 'fr', 'be', 'de', 'it', 'es'] as const
const place = ref<(typeof places)[number]>('uk')
const name = ref('')
const done = () => queries.invalidateQueries({ queryKey: atlasKeys.all })
const add = useMutation({
  mutationFn: () => addName(props.cut.slug, { place: place.value, name: name.value.trim() }),
  onSuccess: () => {
    name.value = ''
    return done()
  },
})
const remove = useMutation({ mutationFn: (own: Schemas['LocalName']) => removeName(props.cut.slug, own), onSuccess: done })
const isOwn = (at: string, called: string) => props.cut.own_names.find((own) => own.place === at && own.name === called)
function dropName(at: string, called: string) {
  const own = isOwn(at, called)
  if (own) remove.mutate(own)
}
</script>

<template>
  <div>
    <h2>{{ t('cut.names') }}</h2>
    <dl>
      <div v-for="row in cut.names" :key="row.place"
        ><dt>{{ row.place_name }}</dt>
        <dd
          ><template v-for="(called, i) in row.names" :key="called"
            ><template v-if="i > 0">, </template>{{ called
            }}<button
              v-if="mayChange && isOwn(row.place, called)"
              type="button"
              class="drop"
              :aria-label="t('cut.dropName', { name: called })"
              @click="dropName(row.place, called)"
              >×</button
            ></template
          ></dd
        ></div
      >
    </dl>
    <form v-if="mayChange" class="add" @submit.prevent="add.mutate()">
      <PickOne
        v-model="place"
        hidden-label
        :label="t('cut.place')"
        :options="places.map((value) => ({ value, label: t(`place.${value}`) }))" />
      <label
        ><span class="sr-only">{{ t('cut.newName') }}</span
        ><InputText v-model="name" :placeholder="t('cut.newName')" maxlength="60" data-testid="new-name"
      /></label>
      <button type="submit" class="plain" :disabled="name.trim() === '' || add.isPending.value" data-testid="add-name">{{
        t('cut.addName')
      }}</button>
    </form>
    <p v-if="add.isError.value" class="wrong" role="alert">{{ add.error.value?.message }}</p>
  </div>
</template>

<style scoped>
dl {
  margin: 0;
}
dl div {
  display: grid;
  grid-template-columns: 130px 1fr;
  gap: 10px;
  padding: 3px 0;
  font-size: 14.5px;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
  font-weight: 700;
  overflow-wrap: anywhere;
}
.drop {
  width: 32px;
  height: 32px;
  margin-left: 4px;
  border: 1px solid var(--line);
  background: #fff;
  font-size: 18px;
  line-height: 1;
  cursor: pointer;
}
.add {
  display: flex;
  gap: 6px;
  margin-top: 8px;
}
.add label {
  margin: 0;
  min-width: 0;
}
.add label:nth-of-type(2) {
  flex: 1;
}
select,
input {
  width: 100%;
  min-height: 44px;
  font: 400 16px var(--text);
  border: 1px solid var(--line);
  background: #fff;
  padding: 0 8px;
}
.plain {
  font-size: 16px;
  min-height: 44px;
  padding: 0 12px;
}
.plain:disabled {
  color: #6c7572;
  border-color: var(--line);
  cursor: default;
}
</style>
