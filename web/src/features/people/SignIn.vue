<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ApiProblem } from '@/shared/api/client'
import type { WhoIAm } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { me } from '@/shared/ui/account'
import { unitWorld } from '@/shared/ui/preferences'

/** Coming in: by name and password, by the first code of the console, or by a code that pairs this tablet. */
const route = useRoute()
const router = useRouter()
const way = ref<'sign-in' | 'first' | 'pair'>(me.value?.nobodyYet ? 'first' : 'sign-in')
const name = ref('')
const password = ref('')
const code = ref('')
const device = ref('')
const problem = ref('')
// The page may know who is asking before it knows where it is.
watch(
  () => route.fullPath,
  () => {
    if (route.name !== 'pair') return
    way.value = 'pair'
    if (typeof route.query.code === 'string') code.value = route.query.code
  },
  { immediate: true },
)
const busy = ref(false)
const heading = computed(
  () => ({ 'sign-in': 'Sign in', first: 'The first owner', pair: 'Pair this tablet' })[way.value],
)
async function enter() {
  problem.value = ''
  busy.value = true
  const typed = {
    'sign-in': { name: name.value, password: password.value },
    first: { code: code.value, name: name.value, password: password.value },
    pair: { code: code.value, device: device.value },
  }[way.value]
  try {
    me.value = await api.post<WhoIAm>(`/api/account/${way.value}`, typed)
    if (route.name === 'pair') await router.push('/')
  } catch (e) {
    if (!(e instanceof ApiProblem)) throw e
    const fields = e.errors.map((x) => say(x.said, unitWorld.value))
    problem.value = (fields.length ? fields : e.said.map((s) => say(s, unitWorld.value))).join('; ')
  } finally {
    busy.value = false
    password.value = ''
  }
}
</script>

<template>
  <main class="door" data-sign-in>
    <p class="brand"><span>Road</span> Breeze</p>
    <form @submit.prevent="enter">
      <h1>{{ heading }}</h1>
      <p v-if="way === 'first'" class="soft">
        Nobody has an account yet. Whoever started Road Breeze finds a code on its console; it makes the owner, once.
      </p>
      <p v-if="way === 'pair'" class="soft">
        Somebody who is signed in draws the code under <b>People</b>; it is good for ten minutes.
      </p>
      <label v-if="way !== 'sign-in'"
        >Code<input v-model="code" autocomplete="one-time-code" required maxlength="40"
      /></label>
      <label v-if="way === 'pair'">Name of this tablet<input v-model="device" required maxlength="60" /></label>
      <template v-else>
        <label>Name<input v-model="name" autocomplete="username" required maxlength="60" /></label>
        <label
          >Password<input
            v-model="password"
            type="password"
            :autocomplete="way === 'first' ? 'new-password' : 'current-password'"
            required
            maxlength="70"
        /></label>
        <p v-if="way === 'first'" class="small soft">Ten letters at least.</p>
      </template>
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <button type="submit" class="enter" :disabled="busy">{{ heading }}</button>
      <p class="other">
        <button v-if="way !== 'sign-in'" type="button" @click="way = 'sign-in'">I have an account</button>
        <button v-if="way !== 'pair'" type="button" @click="way = 'pair'">Pair this tablet by a code</button>
        <button v-if="me?.nobodyYet && way !== 'first'" type="button" @click="way = 'first'">Nobody has one yet</button>
      </p>
    </form>
  </main>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  place-content: center;
  gap: 24px;
  background: var(--rb-asphalt-900);
  color: var(--rb-chalk-50);
}
.brand {
  font: 600 54px/1 var(--rb-font-head);
  color: var(--rb-breeze-400);
}
.brand span {
  color: var(--rb-chalk-50);
}
form {
  width: min(440px, 92vw);
  background: var(--paper);
  color: var(--ink);
  border-top: 6px solid var(--accent);
  padding: 22px 24px;
  display: grid;
  gap: 12px;
}
h1 {
  font: 600 36px/1 var(--rb-font-head);
}
label {
  display: grid;
  gap: 3px;
  color: var(--ink-soft);
}
input {
  min-height: 52px;
  padding: 0 12px;
  border: 1.5px solid var(--ink-soft);
  background: var(--ground);
  color: var(--ink);
  font-size: 20px;
}
.enter {
  min-height: 60px;
  border: 0;
  background: var(--accent);
  color: var(--on-accent);
  font: 600 26px/1 var(--rb-font-head);
  cursor: pointer;
}
.other {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
}
.other button {
  min-height: 44px;
  border: 0;
  background: none;
  color: var(--accent-ink);
  text-decoration: underline;
  cursor: pointer;
}
.bad {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 10px 14px;
}
</style>
