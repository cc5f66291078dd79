<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow, orThrowEmpty, type Schemas } from '@/api/client'
import { staffQuery } from './queries'
import PickOne from '@/ui/PickOne.vue'
import { useConfirm } from 'primevue/useconfirm'

const { t } = useI18n()
const queries = useQueryClient()
const staff = useQuery(staffQuery())
const roles = ['advisor', 'cutter', 'head_butcher'] as const
const roleOptions = computed(() => roles.map((value) => ({ value, label: t(`role.${value}`) })))
const fresh = reactive<Schemas['NewStaff']>({ name: '', sign_in: '', role: 'advisor', password: '' })
const again = () => queries.invalidateQueries({ queryKey: ['house', 'staff'] })
const add = useMutation({
  mutationFn: () => orThrow(api.POST('/staff', { body: { ...fresh } })),
  onSuccess: () => {
    Object.assign(fresh, { name: '', sign_in: '', password: '' })
    return again()
  },
})
const change = useMutation({
  mutationFn: ({ id, role }: { id: number; role: Schemas['StaffMember']['role'] }) =>
    orThrow(api.PUT('/staff/{user}', { params: { path: { user: id } }, body: { role } })),
  onSettled: again,
})
const remove = useMutation({
  mutationFn: (id: number) => orThrowEmpty(api.DELETE('/staff/{user}', { params: { path: { user: id } } })),
  onSettled: again,
})
const sure = useConfirm()
const leave = (member: Schemas['StaffMember']) => {
  sure.require({
    header: t('staff.left'),
    message: t('staff.sure', { name: member.name }),
    acceptLabel: t('staff.yes'),
    rejectLabel: t('own.cancel'),
    accept: () => {
      remove.mutate(member.id)
    },
  })
}
const errors = computed<Record<string, string>>(() =>
  add.error.value instanceof ApiError
    ? Object.fromEntries(add.error.value.violations.map((violation) => [violation.key, violation.message]))
    : {},
)
const problem = computed(() => change.error.value?.message ?? remove.error.value?.message ?? null)
</script>

<template>
  <div class="staff">
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <table data-testid="staff">
      <thead
        ><tr
          ><th scope="col">{{ t('staff.name') }}</th
          ><th scope="col">{{ t('staff.signIn') }}</th
          ><th scope="col">{{ t('staff.role') }}</th
          ><th scope="col"
            ><span class="sr-only">{{ t('staff.left') }}</span></th
          ></tr
        ></thead
      >
      <tbody
        ><tr v-for="member in staff.data.value ?? []" :key="member.id">
          <td>{{ member.name }}</td><td class="soft">{{ member.sign_in }}</td>
          <td
            ><PickOne
              hidden-label
              :model-value="member.role"
              :label="`${member.name}, ${t('staff.role')}`"
              :options="roleOptions"
              @update:model-value="
                (role) => {
                  change.mutate({ id: member.id, role })
                }
              "
          /></td>
          <td
            ><button v-if="!member.is_self" type="button" class="quiet" @click="leave(member)">{{ t('staff.left') }}</button></td
          >
        </tr></tbody
      >
    </table>
    <form class="new" @submit.prevent="add.mutate()">
      <label
        >{{ t('staff.name')
        }}<InputText
          v-model="fresh.name"
          maxlength="80"
          autocomplete="off"
          :invalid="Boolean(errors['name'])"
          data-testid="staff-name" /><span v-if="errors['name']" class="wrong">{{ errors['name'] }}</span></label
      >
      <label
        >{{ t('staff.signIn')
        }}<InputText
          v-model="fresh.sign_in"
          maxlength="60"
          autocomplete="off"
          :invalid="Boolean(errors['sign_in'])"
          data-testid="staff-sign-in" /><span v-if="errors['sign_in']" class="wrong">{{ errors['sign_in'] }}</span></label
      >
      <label
        >{{ t('staff.password')
        }}<InputText
          v-model="fresh.password"
          type="password"
          autocomplete="new-password"
          :invalid="Boolean(errors['password'])"
          data-testid="staff-password" /><span v-if="errors['password']" class="wrong">{{ errors['password'] }}</span></label
      >
      <PickOne v-model="fresh.role" :label="t('staff.role')" :options="roleOptions" />
      <button type="submit" class="strong" :disabled="add.isPending.value" data-testid="staff-add">{{ t('ask.add') }}</button>
    </form>
  </div>
</template>

<style scoped>
.staff {
  background: #fff;
  padding: 14px 18px;
}
table {
  border-collapse: collapse;
  width: 100%;
  max-width: 780px;
  margin-bottom: 18px;
}
th,
td {
  text-align: left;
  padding: 7px 14px 7px 0;
  border-bottom: 1px solid var(--hair);
  font: 600 18px/1.3 var(--figures);
}
th {
  font: 700 14px var(--text);
  color: var(--soft);
}
.soft {
  color: var(--soft);
}
select {
  height: 40px;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
  font: 600 17px var(--figures);
  padding: 0 8px;
}
.quiet {
  min-height: 38px;
  padding: 0 12px;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
.new {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.new label {
  width: 190px;
  margin: 0;
}
.new :deep(.p-inputtext),
.new select {
  width: 100%;
  height: 42px;
  display: block;
}
</style>
