/**
 * The jump mat's line protocol, version 1: text lines over a local stream.
 *   `jaleo-mat 1 <name>`      once, at the start
 *   `<seq> <ms> on|off`       feet came onto or left the mat; seq counts up by one, ms is the mat's own clock
 *   `beat <ms>`               every second, so that silence is not mistaken for standing still
 */
export type MatEvent =
  | { readonly kind: 'hello'; readonly name: string }
  | { readonly kind: 'beat' }
  | { readonly kind: 'take-off'; readonly contactS: number | null }
  /** a flight is over; doubtful = a line was lost within it */
  | {
      readonly kind: 'landing';
      readonly flightS: number;
      readonly contactS: number | null;
      readonly doubtful: boolean;
    }
  | { readonly kind: 'lost'; readonly lines: number }
  | { readonly kind: 'bounce' }
  | { readonly kind: 'unreadable'; readonly line: string };

/** What is known between two lines. */
export interface MatState {
  readonly seq: number | null;
  readonly on: boolean | null;
  readonly changedMs: number | null;
  /** contact before the flight that is going on */
  readonly contactS: number | null;
  readonly doubtful: boolean;
}

export const MAT_START: MatState = { seq: null, on: null, changedMs: null, contactS: null, doubtful: false };

/** A contact or a flight shorter than this is the mat chattering, not a foot. */
const CHATTER_MS = 40;
/** Nobody flies longer: beyond it the athlete has stepped off. */
const LONGEST_FLIGHT_MS = 1200;

const LINE = /^(\d+) (\d+(?:\.\d+)?) (on|off)$/;

/** Reads one line of the mat. Chatter is taken out, lost lines are noticed and make the jump doubtful. */
export function readMatLine(state: MatState, line: string): { state: MatState; events: readonly MatEvent[] } {
  const text = line.trim();
  const hello = /^jaleo-mat 1 (.+)$/.exec(text);
  if (hello) return { state: MAT_START, events: [{ kind: 'hello', name: hello[1] ?? '' }] };
  if (text.startsWith('beat ')) return { state, events: [{ kind: 'beat' }] };
  const [, seqText, msText, word] = LINE.exec(text) ?? [];
  if (seqText === undefined || word === undefined) return { state, events: [{ kind: 'unreadable', line: text }] };
  const [seq, ms, on] = [Number(seqText), Number(msText), word === 'on'];
  const missing = state.seq === null ? 0 : seq - state.seq - 1;
  const events: MatEvent[] = missing > 0 ? [{ kind: 'lost', lines: missing }] : [];
  const next: MatState = { ...state, seq, doubtful: state.doubtful || missing > 0 };
  if (state.on === on) return { state: { ...next, doubtful: true }, events };
  const lasted = state.changedMs === null ? null : ms - state.changedMs;
  if (lasted !== null && lasted < CHATTER_MS && missing === 0) {
    // what came before goes on as if nothing had happened
    return { state: { ...next, on, changedMs: state.changedMs }, events: [...events, { kind: 'bounce' }] };
  }
  if (!on) {
    const contactS = lasted === null || missing > 0 ? null : lasted / 1000;
    return {
      state: { ...next, on, changedMs: ms, contactS },
      events: [...events, { kind: 'take-off', contactS }],
    };
  }
  const landed: MatState = { ...next, on, changedMs: ms, contactS: null, doubtful: false };
  if (lasted === null || lasted > LONGEST_FLIGHT_MS) return { state: landed, events };
  return {
    state: landed,
    events: [...events, { kind: 'landing', flightS: lasted / 1000, contactS: state.contactS, doubtful: next.doubtful }],
  };
}
