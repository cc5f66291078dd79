<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { api, orThrowEmpty, type Schemas } from '@/api/client'
import { clearDrafts } from './draft'

defineProps<{ session: Schemas['Session'] }>()
const { t } = useI18n()
const router = useRouter()

async function signOut() {
  await orThrowEmpty(api.DELETE('/session'))
  clearDrafts()
  window.location.assign(router.resolve({ name: 'sign-in' }).href) // afresh, so that nothing of this person stays in memory
}
</script>

<template>
  <nav class="rail" :aria-label="t('nav.main')">
    <p class="wordmark">{{ t('app.name') }}</p>
    <RouterLink
      v-for="screen in ['counter', 'bench', 'clock', 'case', 'seasonings', 'customers', 'atlas', 'tickets', 'house'] as const"
      :key="screen"
      class="rail-link"
      active-class="is-here"
      :to="{ name: screen }">
      {{ t(`nav.${screen}`) }}
    </RouterLink>
    <div class="who">
      <p
        >{{ session.name }}<br /><span>{{ t(`role.${session.role}`) }}</span></p
      >
      <button type="button" class="quiet" :title="session.name" data-testid="sign-out" @click="signOut">{{ t('app.signOut') }}</button>
    </div>
  </nav>
</template>

<style scoped>
.rail {
  background: var(--slate);
  color: #f3f6f5;
  display: flex;
  flex-direction: column;
  width: 92px;
  min-height: 100%;
}
.wordmark {
  font: 700 15px/64px var(--figures);
  letter-spacing: 0.05em;
  text-transform: uppercase;
  text-align: center;
  margin: 0;
}
.rail-link {
  color: inherit;
  text-decoration: none;
  font: 600 16.5px/58px var(--figures);
  padding: 0 6px 0 9px;
  border-left: 5px solid transparent;
}
.rail-link:hover {
  background: #31403e;
}
.rail-link.is-here {
  background: var(--enamel);
  color: var(--ink);
  border-color: var(--oxblood);
}
.who {
  margin-top: auto;
  padding: 10px 10px 12px;
  font-size: 13px;
  line-height: 1.35;
}
.who p {
  margin: 0 0 8px;
  overflow-wrap: anywhere;
}
.who span {
  color: #b7c2bf;
}
.quiet {
  background: none;
  color: inherit;
  border: 1px solid #6d7b78;
  min-height: 44px;
  width: 100%;
  font: 600 14px var(--figures);
  cursor: pointer;
}
@media (max-width: 900px) {
  .rail {
    width: auto;
    min-height: 0;
    flex-direction: row;
    align-items: center;
    overflow-x: auto;
    scrollbar-width: none;
  }
  .wordmark {
    padding: 0 14px;
  }
  .rail-link {
    flex: none;
  }
  .who {
    margin: 0 0 0 auto;
    display: flex;
    gap: 10px;
    align-items: center;
    padding: 4px 10px;
  }
  .who p {
    display: none; /* nine rooms leave no room for a name; the button has it */
  }
  .quiet {
    width: auto;
    padding: 0 10px;
    white-space: nowrap;
  }
}
@media (max-width: 600px) {
  .rail {
    overflow-x: auto;
    scrollbar-width: none;
  }
  .who p,
  .wordmark {
    display: none;
  }
  .who {
    padding: 2px 8px;
  }
  .rail-link {
    font-size: 16px;
    line-height: 48px;
    flex: none;
    padding: 0 9px;
  }
}
</style>
