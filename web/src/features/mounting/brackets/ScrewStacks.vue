<script setup lang="ts">
import type { MountingResult } from '@/shared/api/types'
import { camel, partName, say, whatToDo, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** What goes on the screw at each end of a bracket or a channel, in its order, and the screw to buy for it. */
defineProps<{ stacks: MountingResult['stacks'] }>()
type Stack = MountingResult['stacks'][number]
const ENDS: Record<Stack['end'], string> = {
  EAR: 'at the ear',
  BODY: 'at the body',
  CHANNEL: 'on the channel',
  FIRST: 'at its first end',
  LAST: 'at its last end',
}
/** What is wider than the screw's head, in the picture. */
const BROAD = ['STRIP', 'EAR', 'CHANNEL', 'THREAD', 'INSERT']
const mm = (v: number, digits = 1) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? digits : 3)
/** Screws are called by their metric size in every unit world: that is what the bag says. */
const bought = (s: Stack) =>
  s.screwMm != null
    ? `${s.thread} × ${s.screwMm}`
    : s.layers[0]!.what === 'STUD'
      ? `${s.thread} nut`
      : `${s.thread}, none sold`
/** Millimetres of the drawing's width that a layer takes; what has no thickness is a line. */
const WIDE = 5
const places = (s: Stack) => {
  let x = 14
  return s.layers.map((l) => {
    const wide = l.what === 'THREAD' || l.what === 'INSERT' ? 34 : Math.max(3, l.mm * WIDE)
    const at = x
    x += wide
    return { ...l, at, wide }
  })
}
</script>

<template>
  <div class="stacks" data-stacks>
    <section v-for="s in stacks" :key="s.end" class="stack" :class="{ bad: s.findings.length }">
      <div class="what">
        <span class="small soft">{{ ENDS[s.end] }}</span>
        <p class="screw">{{ bought(s) }}</p>
        <p class="small">
          {{ format(s.torqueNm, 'torque', unitWorld) }} dry, class 8.8; the manual first. Witness mark.
        </p>
      </div>
      <svg
        viewBox="0 0 240 60"
        role="img"
        :aria-label="s.layers.map((l) => word(`stackWhat.${camel(l.what)}`)).join(', ')"
      >
        <path d="M4 30H236" stroke="var(--rule)" stroke-width="8" />
        <path d="M4 30H236" stroke="var(--ink-soft)" stroke-width="1" stroke-dasharray="6 4" />
        <rect
          v-for="(p, n) in places(s)"
          :key="n"
          :x="p.what === 'HEAD' || p.what === 'STUD' ? 4 : p.at"
          :y="p.what === 'WASHER' ? 12 : BROAD.includes(p.what) ? 4 : 16"
          :width="p.what === 'HEAD' || p.what === 'STUD' ? 10 : p.wide - 1"
          :height="p.what === 'WASHER' ? 36 : BROAD.includes(p.what) ? 52 : 28"
          :class="p.what"
        />
      </svg>
      <p class="small order">{{ s.layers.map((l) => word(`stackWhat.${camel(l.what)}`)).join(' · ') }}</p>
      <p class="small soft">
        clamps {{ mm(s.gripMm) }}, thread {{ mm(s.engagedMm)
        }}<template v-if="s.insertDrillMm != null">, drill {{ mm(s.insertDrillMm) }} for the rivet nut</template>;
        {{ word(`stackKeeps.${camel(s.keeps)}`)
        }}<template v-if="s.sharedWith">; it holds {{ s.sharedWith }} as well</template>.
      </p>
      <p class="small" data-tool>
        <template v-if="s.end === 'CHANNEL'">On the bench, before the channel goes up.</template>
        <template v-else-if="s.tool === 'SOCKET'">A socket gets on.</template>
        <template v-else-if="s.tool === 'SPANNER'"
          >Only a spanner gets on: the {{ partName(s.inTheWay!) }} keeps a socket off.</template
        >
      </p>
      <p v-for="f in s.findings" :key="f.code" class="fault small">
        {{ say(f, unitWorld) }}: {{ whatToDo(f, unitWorld) }}.
      </p>
    </section>
  </div>
</template>

<style scoped>
.stacks {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.stack {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px;
  gap: 2px 12px;
}
.stack > p {
  grid-column: 1 / -1;
}
.screw {
  font: 600 28px/1.05 var(--rb-font-head);
  white-space: nowrap;
}
svg {
  width: 100%;
}
rect {
  fill: var(--rule-soft);
  stroke: var(--ink);
  stroke-width: 1.5;
}
rect.HEAD,
rect.NUT,
rect.STUD {
  fill: var(--metal);
}
rect.STRIP,
rect.CHANNEL {
  fill: var(--accent-wash);
  stroke: var(--accent-ink);
}
rect.ISOLATOR {
  fill: var(--ink);
}
.fault {
  border-left: 5px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 6px 8px;
}
@media (max-width: 900px) {
  .stacks {
    grid-template-columns: 1fr;
  }
}
</style>
