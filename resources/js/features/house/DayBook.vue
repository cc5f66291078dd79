<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, reactive, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { moment } from '@/units/clock'
import Failed from '@/ui/Failed.vue'
import PickOne from '@/ui/PickOne.vue'
import { dayBookQuery } from './queries'

// Who did what. Nothing in it is ever changed, so there is nothing to press but what to look for.
const props = defineProps<{ backupAt: string | null }>()
const { t, te, locale } = useI18n()
const WHATS = [
  'ticket.given',
  'ticket.replanned',
  'ticket.taken_back',
  'lot.moved',
  'lot.changed',
  'lots.imported',
  'house.changed',
  'staff.added',
  'staff.changed',
  'staff.removed',
  'session.started',
  'password.changed',
] as const
const asked = reactive({ what: '', from: '', to: '' })
const page = ref(1)
watch(asked, () => (page.value = 1))
const query = computed(() => Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== '')))
const book = useQuery(() => dayBookQuery(query.value, page.value))
const words = (what: string) => (te(`book.${what.replace('.', '_')}`) ? t(`book.${what.replace('.', '_')}`) : what)
const about = (entry: Record<string, unknown>) =>
  Object.entries(entry)
    .map(([key, value]) => `${te(`bookAbout.${key}`) ? t(`bookAbout.${key}`) : key}: ${String(value)}`)
    .join(', ')
const href = computed(() => `/api/v1/day-book/export.csv?${new URLSearchParams(query.value).toString()}`)
const OLD_H = 36
const isOld = computed(() => props.backupAt === null || Date.now() - new Date(props.backupAt).getTime() > OLD_H * 3_600_000)
</script>

<template>
  <div class="book">
    <p class="backup" :class="{ old: isOld }" data-testid="backup-age">{{
      backupAt === null ? t('house.noBackup') : t(isOld ? 'house.oldBackup' : 'house.backup', { when: moment(backupAt, locale) })
    }}</p>
    <form class="asked" @submit.prevent>
      <PickOne
        v-model="asked.what"
        testid="book-what"
        :label="t('house.what')"
        :options="[
          { value: '', label: t('house.everything') },
          ...WHATS.map((value) => ({ value: value as string, label: words(value) })),
        ]" />
      <label>{{ t('house.from') }} <InputText v-model="asked.from" type="date" data-testid="book-from" /></label>
      <label>{{ t('house.to') }} <InputText v-model="asked.to" type="date" data-testid="book-to" /></label>
      <a class="plain" :href="href" data-testid="book-csv">{{ t('house.csv') }}</a>
    </form>
    <Failed v-if="book.isError.value" :problem="book.error.value?.message ?? ''" @again="book.refetch()" />
    <table v-else data-testid="book">
      <tbody>
        <tr v-for="(entry, i) in book.data.value?.entries ?? []" :key="i">
          <th scope="row">{{ moment(entry.at, locale) }}</th>
          <td>{{ entry.who }}</td>
          <td
            ><b>{{ words(entry.what) }}</b> {{ about(entry.about) }}</td
          >
        </tr>
      </tbody>
    </table>
    <p v-if="book.data.value && book.data.value.entries.length === 0">{{ t('house.nothing') }}</p>
    <p class="pages">
      <button v-if="page > 1" type="button" class="plain" @click="page -= 1">{{ t('house.newer') }}</button>
      <button v-if="book.data.value?.has_more" type="button" class="plain" data-testid="book-older" @click="page += 1">{{
        t('house.older')
      }}</button>
    </p>
  </div>
</template>

<style scoped>
.backup {
  margin: 0 0 10px;
  padding: 8px 12px;
  background: #fff;
  border-left: 5px solid var(--bay);
}
.old {
  border-color: var(--mustard);
  background: var(--mustard-wash);
  font-weight: 700;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  margin-bottom: 10px;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: #fff;
}
th,
td {
  text-align: left;
  padding: 6px 10px;
  border-top: 1px solid var(--hair);
  vertical-align: baseline;
}
th {
  font-weight: 400;
  white-space: nowrap;
}
.pages {
  display: flex;
  gap: 10px;
}
</style>
