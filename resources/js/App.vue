<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { ApiError } from '@/api/client'
import { useOutage } from '@/api/reach'
import OwnPassword from '@/features/session/OwnPassword.vue'
import { useSession } from '@/queries/session'
import AppRail from '@/ui/AppRail.vue'
import { useArrival } from '@/ui/arrival'
import { shopZone } from '@/units/clock'
import { pricesAreIn } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import ConfirmDialog from 'primevue/confirmdialog'
import Toast from 'primevue/toast'

const { t } = useI18n()
const route = useRoute()
const router = useRouter()
const isOut = useOutage()
const session = useSession()
useArrival('Nessmark')

const units = useUnits()
watch(
  () => session.data.value?.shop,
  (own) => {
    shopZone.value = own?.time_zone
    pricesAreIn(own?.currency)
  },
  { immediate: true },
)
watch(
  () => session.data.value?.shop.units,
  (own) => {
    if (own) units.house = own
  },
  { immediate: true },
)

const signingIn = computed(() => route.name === 'sign-in')
watch(
  () => session.error.value,
  (error) => {
    if (error instanceof ApiError && error.status === 401 && !signingIn.value)
      void router.push({ name: 'sign-in', query: { to: route.fullPath } })
  },
)
</script>

<template>
  <a class="skip" href="#work">{{ t('app.skip') }}</a>
  <p v-if="isOut" class="offline" role="status" data-testid="outage">{{ t('app.offline') }}</p>
  <Toast position="bottom-right" />
  <ConfirmDialog :pt="{ pcAcceptButton: { root: { 'data-testid': 'sure' } } }" />
  <RouterView v-if="signingIn" />
  <OwnPassword v-else-if="session.data.value?.must_change_password" />
  <div v-else-if="session.data.value" class="frame">
    <AppRail :session="session.data.value" />
    <main id="work" class="work" tabindex="-1"><RouterView /></main>
  </div>
</template>
