/** Short tones to follow without looking; silent where the browser has no sound. */
export class Sound {
  #context: AudioContext | null = null;

  /** Call from a press: browsers only let sound start there. */
  open(): void {
    this.#context ??= new AudioContext();
  }

  tone(hertz: number): void {
    const context = this.#context;
    if (!context) return;
    const tone = context.createOscillator();
    const loud = context.createGain();
    tone.frequency.value = hertz;
    loud.gain.setValueAtTime(0.25, context.currentTime);
    loud.gain.exponentialRampToValueAtTime(0.001, context.currentTime + 0.06);
    tone.connect(loud).connect(context.destination);
    tone.start();
    tone.stop(context.currentTime + 0.07);
  }

  close(): void {
    void this.#context?.close();
    this.#context = null;
  }
}
