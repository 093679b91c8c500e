/** Frames looked at to tell the rate of a clip. */
const LOOKED_AT = 240;
/** Share by which rounded times move a rate; 59.94 is further from 60 than that. */
const ROUNDED = 0.0005;

/**
 * Frames a second as the file itself says, from the times of its first frames; slow motion keeps the rate it plays at.
 * The reader is loaded only when a clip is chosen.
 * @returns null when the file is none it can read
 */
export async function frameRateOf(file: File): Promise<number | null> {
  const { ALL_FORMATS, BlobSource, Input } = await import('mediabunny');
  const input = new Input({ source: new BlobSource(file), formats: ALL_FORMATS });
  try {
    const track = await input.getPrimaryVideoTrack();
    const rate = (await track?.computePacketStats(LOOKED_AT))?.averagePacketRate ?? 0;
    if (rate <= 0) return null;
    // times in a file are rounded: what is almost a whole rate is one
    const whole = Math.round(rate);
    return Math.abs(rate - whole) / rate < ROUNDED ? whole : Math.round(rate * 100) / 100;
  } catch {
    return null;
  } finally {
    input.dispose();
  }
}
