import type { Family } from '$core/library';

/** A family's mark on a 24 grid: at most three strokes, and dots for heads and weights (look.md, Glyphs). */
export interface Glyph {
  readonly strokes: readonly string[];
  readonly dots: readonly (readonly [number, number, number])[];
}

export const GLYPHS: Readonly<Record<Family, Glyph>> = {
  squat: { strokes: ['M15 9 5 13.5 16 16 9 21', 'M6 21h11'], dots: [[17.5, 5.5, 2.6]] },
  hinge: {
    strokes: ['M18 6 7 8.5 9 21', 'M15 7v8'],
    dots: [
      [20, 4, 2.2],
      [15, 17.5, 2.8],
    ],
  },
  'single-leg-knee': { strokes: ['M10 8v7l-6 6', 'M10 14h8v7'], dots: [[10, 4, 2.4]] },
  'single-leg-hip': { strokes: ['M2 9.5 18 11', 'M12 11v10'], dots: [[20.5, 10.5, 2.2]] },
  lateral: { strokes: ['M9 8v6l-5 7', 'M9 14l11 7'], dots: [[9, 4, 2.3]] },
  jump: { strokes: ['M5 6l7 5 7-5', 'M12 11l-5 7M12 11l5 7', 'M4 22h4M10 22h4M16 22h4'], dots: [[12, 4, 2.4]] },
  olympic: { strokes: ['M3 6h18M5 3v6M19 3v6', 'M12 10v5l-4 6M12 15l4 6'], dots: [[12, 9.5, 2.3]] },
  'calf-foot': { strokes: ['M11 3v9l8 7', 'M11 12l-6 4 9 3', 'M4 22h8'], dots: [] },
  'hip-flexor': { strokes: ['M10 8v13', 'M10 13h8v5'], dots: [[10, 4, 2.4]] },
  trunk: { strokes: ['M2 19 16 9', 'M16 9v9h5', 'M2 16v6'], dots: [[19, 6.5, 2.4]] },
  'upper-push': { strokes: ['M4 21V5h16v16', 'M12 13v8'], dots: [[12, 10, 2.6]] },
  'upper-pull': { strokes: ['M3 5h18', 'M4 5l4 7 4-4 4 4 4-7', 'M12 12v4l-3 5M12 16l3 5'], dots: [[12, 9, 2.2]] },
  'carry-sled': { strokes: ['M12 7 8 14l-5 7M8 14l5 7', 'M12 9h6M18 4v17'], dots: [[14, 4, 2.3]] },
  locomotion: { strokes: ['M5 20V11h12l2 9', 'M9 11v9'], dots: [[20.5, 9, 2.3]] },
  mobility: { strokes: ['M3 20h18', 'M5 20 16 4', 'M12 20a8 8 0 0 0-3-6'], dots: [] },
  agility: { strokes: ['M4 20 18 14 6 9l13-5', 'M14 3h6v5'], dots: [] },
  conditioning: { strokes: ['M3 18h4V6h4v12h4V6h4v12h2'], dots: [] },
};

/** The hue a family's line may carry on screen: always the second cue, after the glyph and the word. */
export const FAMILY_HUE: Readonly<Record<Family, string>> = {
  squat: 'anil',
  'single-leg-knee': 'anil',
  hinge: 'mora',
  'single-leg-hip': 'mora',
  'hip-flexor': 'mora',
  lateral: 'oliva',
  'calf-foot': 'oliva',
  jump: 'albero-g',
  olympic: 'albero-g',
  agility: 'albero-g',
  conditioning: 'albero-g',
  trunk: 'pizarra',
  'upper-push': 'pizarra',
  'upper-pull': 'pizarra',
  'carry-sled': 'pizarra',
  locomotion: 'pizarra',
  mobility: 'pizarra',
};
