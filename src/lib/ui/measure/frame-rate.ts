/** Frames looked at to tell the rate of a clip. */
const LOOKED_AT = 240;

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
    return rate > 0 ? Math.round(rate * 100) / 100 : null;
  } catch {
    return null;
  } finally {
    input.dispose();
  }
}
