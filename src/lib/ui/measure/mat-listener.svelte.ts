import { MAT_START, readMatLine, type MatState } from '$core/measure';

/** Without a beat for so long the mat is taken to be unplugged. */
const SILENT_MS = 3500;

export interface MatJump {
  readonly flightS: number;
  readonly contactS: number | null;
  readonly doubtful: boolean;
}

/** Listens to the mat through the server and gives jumps as they land. What came before it went stays. */
export class MatListener {
  state = $state<'off' | 'waiting' | 'on' | 'absent' | 'unplugged'>('off');
  name = $state('');
  jumps = $state.raw<readonly MatJump[]>([]);
  lost = $state(0);

  readonly #landed: (jump: MatJump) => void;
  #source: EventSource | null = null;
  #mat: MatState = MAT_START;
  #heard = 0;
  #watch: ReturnType<typeof setInterval> | null = null;

  constructor(landed: (jump: MatJump) => void = () => undefined) {
    this.#landed = landed;
  }

  start(): void {
    this.stop();
    this.state = 'waiting';
    this.#mat = MAT_START;
    this.#heard = Date.now();
    const source = new EventSource('/api/mat');
    this.#source = source;
    source.addEventListener('line', ({ data }) => {
      this.#line(String(data));
    });
    source.addEventListener('gone', ({ data }) => {
      this.#end(data === 'absent' ? 'absent' : 'unplugged');
    });
    source.onerror = () => {
      this.#end(this.state === 'on' ? 'unplugged' : 'absent');
    };
    this.#watch = setInterval(() => {
      if (this.state === 'on' && Date.now() - this.#heard > SILENT_MS) this.#end('unplugged');
    }, 500);
  }

  stop(): void {
    this.#end('off');
  }

  clear(): void {
    this.jumps = [];
    this.lost = 0;
  }

  #end(state: 'off' | 'absent' | 'unplugged'): void {
    this.#source?.close();
    this.#source = null;
    if (this.#watch) clearInterval(this.#watch);
    this.#watch = null;
    this.state = state;
  }

  #line(line: string): void {
    this.#heard = Date.now();
    const { state, events } = readMatLine(this.#mat, line);
    this.#mat = state;
    for (const event of events) {
      if (event.kind === 'hello') {
        this.name = event.name;
        this.state = 'on';
      } else if (event.kind === 'lost') this.lost += event.lines;
      else if (event.kind === 'landing') {
        const jump = { flightS: event.flightS, contactS: event.contactS, doubtful: event.doubtful };
        this.jumps = [...this.jumps, jump];
        this.#landed(jump);
      }
    }
  }
}
