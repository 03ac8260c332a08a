<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { Account, ChangeMade, PairedDevice, PairingCode } from '@/shared/api/types'
import { askWho, me, owner } from '@/shared/ui/account'
import { dateOf, momentOf } from '@/shared/ui/time'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import DataTable from '@/shared/ui/DataTable.vue'
import NameInput from '@/shared/ui/NameInput.vue'

/** Who may come in over the yard's network, on which tablets, and who changed what. */
const ROLES = [
  ['OWNER', 'owner'],
  ['FITTER', 'fitter'],
  ['VIEWER', 'viewer'],
] as const
type Role = Account['role']
const accounts = shallowRef<Account[]>([])
const devices = shallowRef<PairedDevice[]>([])
const changes = shallowRef<ChangeMade[]>([])
const code = shallowRef<PairingCode | null>(null)
const problem = ref('')
const name = ref('')
const password = ref('')
const role = ref<Role>('FITTER')
async function tried(work: () => Promise<unknown>) {
  problem.value = ''
  try {
    await work()
  } catch (e) {
    problem.value = refusal(e)
  }
}
async function load() {
  if (!owner.value) return
  accounts.value = await api.get<Account[]>('/api/accounts')
  devices.value = await api.get<PairedDevice[]>('/api/accounts/devices')
  changes.value = await api.get<ChangeMade[]>('/api/accounts/changes')
}
onMounted(() => tried(load))
const make = () =>
  tried(async () => {
    await api.post('/api/accounts', { name: name.value, role: role.value, password: password.value })
    name.value = password.value = ''
    await load()
  })
const give = (a: Account, to: Role) =>
  tried(async () => {
    await api.put(`/api/accounts/${a.id}`, { role: to })
    await load()
  })
const close = (a: Account) =>
  tried(async () => {
    await api.remove(`/api/accounts/${a.id}`)
    await load()
  })
const revoke = (d: PairedDevice) =>
  tried(async () => {
    await api.remove(`/api/accounts/devices/${d.id}`)
    await load()
  })
const draw = () =>
  tried(async () => {
    code.value = await api.post<PairingCode>('/api/account/pairings', { origin: window.location.origin })
  })
async function leave() {
  await tried(() => api.post('/api/account/sign-out', {}))
  await askWho()
}
/** Dark squares of the code as one path. */
const squares = computed(
  () =>
    code.value?.qr.flatMap((row, y) => [...row].map((d, x) => (d === '1' ? `M${x} ${y}h1v1h-1z` : ''))).join('') ?? '',
)
const COLUMNS = [
  { key: 'at', label: 'When' },
  { key: 'who', label: 'Who' },
  { key: 'what', label: 'What' },
] as const
const WHAT: Record<string, string> = { POST: 'added to', PUT: 'changed', DELETE: 'took out' }
</script>

<template>
  <div class="screen" data-people>
    <h1>People and tablets</h1>
    <p v-if="!me?.locked" class="soft">
      Road Breeze listens on this machine alone, so nobody signs in. Started with ROADBREEZE_ADDRESS it opens to the
      yard’s network, by TLS and with accounts.
    </p>
    <p v-else class="who">
      You are <b>{{ me.name }}</b>, {{ me.role?.toLowerCase() }}<template v-if="me.device"> on {{ me.device }}</template
      >.
      <button type="button" class="act" @click="leave">Sign out</button>
    </p>
    <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
    <div v-if="me?.locked" class="halves">
      <section class="card">
        <h2>Pair a tablet</h2>
        <p class="soft">It comes in as you, until an owner takes it out.</p>
        <button type="button" class="act" @click="draw">Draw a code</button>
        <template v-if="code">
          <p class="code" data-code>{{ code.code.replace(/(.{4})/, '$1 ') }}</p>
          <svg
            class="qr"
            :viewBox="`-2 -2 ${code.qr.length + 4} ${code.qr.length + 4}`"
            role="img"
            :aria-label="`Code to be read by a camera: ${code.address}`"
          >
            <rect x="-2" y="-2" width="100%" height="100%" fill="#fff" />
            <path :d="squares" fill="#000" />
          </svg>
          <p class="small soft">Good once, for ten minutes: {{ code.address }}</p>
        </template>
      </section>
      <section v-if="owner" class="card">
        <h2>Accounts</h2>
        <ul>
          <li v-for="a in accounts" :key="a.id">
            <b>{{ a.name }}</b>
            <ChoiceInput
              :model-value="a.role"
              :label="`Role of ${a.name}`"
              :choices="ROLES"
              small
              @update:model-value="give(a, $event as Role)"
            />
            <button type="button" class="act" @click="close(a)">Close</button>
          </li>
        </ul>
        <form @submit.prevent="make">
          <h3>Somebody new</h3>
          <NameInput v-model="name" label="Name" :most="60" />
          <label class="small soft"
            >Password, ten letters at least<input
              v-model="password"
              type="password"
              autocomplete="new-password"
              maxlength="70"
          /></label>
          <ChoiceInput v-model="role" label="Role" :choices="ROLES" small />
          <button type="submit" class="act">Make the account</button>
        </form>
      </section>
      <section v-if="owner" class="card">
        <h2>Tablets</h2>
        <p v-if="!devices.length" class="soft">None is paired.</p>
        <ul>
          <li v-for="d in devices" :key="d.id" :class="{ gone: d.revokedAt }">
            <span
              ><b>{{ d.name }}</b>
              <span class="soft small">{{ d.account }}, {{ dateOf(new Date(d.pairedAt)) }}</span></span
            >
            <span v-if="d.revokedAt" class="soft">taken out</span>
            <button v-else type="button" class="act" @click="revoke(d)">Take out</button>
          </li>
        </ul>
      </section>
      <section v-if="owner" class="card wide">
        <h2>Who changed what</h2>
        <DataTable
          label="Who changed what"
          :columns="COLUMNS"
          :rows="changes.slice(0, 60)"
          :row-key="(c: ChangeMade) => String(c.id)"
        >
          <template #at="{ row }">{{ momentOf(row.at) }}</template>
          <template #who="{ row }"
            >{{ row.who }}<template v-if="row.device">, {{ row.device }}</template></template
          >
          <template #what="{ row }">{{ WHAT[row.method] ?? row.method }} {{ row.path.replace('/api/', '') }}</template>
        </DataTable>
      </section>
    </div>
  </div>
</template>

<style scoped>
.screen {
  padding: 14px 18px;
  display: grid;
  gap: 12px;
  align-content: start;
}
h1 {
  font: 600 36px/1 var(--rb-font-head);
}
h2 {
  font: 600 24px/1.1 var(--rb-font-head);
}
h3 {
  font: 600 18px/1.1 var(--rb-font-head);
  color: var(--ink-soft);
}
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(380px, 1fr));
  gap: 14px;
  align-items: start;
}
.card {
  background: var(--paper);
  border-top: 4px solid var(--rule);
  padding: 14px 16px;
  display: grid;
  gap: 10px;
}
.wide {
  grid-column: 1 / -1;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule-soft);
}
.gone {
  opacity: 0.6;
}
form {
  display: grid;
  gap: 8px;
}
form label {
  display: grid;
  gap: 2px;
}
form input {
  min-height: 44px;
  padding: 0 10px;
  border: 1px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
}
.card > .act,
form .act {
  justify-self: start;
}
.code {
  font: 600 52px/1 var(--rb-font-head);
  letter-spacing: 0.06em;
}
.qr {
  width: 240px;
}
.bad {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 10px 14px;
}
</style>
