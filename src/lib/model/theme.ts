/** Light, dark, or as the system wishes: so until one is chosen. */
const THEMES = ['cal', 'noche', 'system'] as const;
type Theme = (typeof THEMES)[number];

export const themeOf = (chosen: FormDataEntryValue | null | undefined): Theme =>
  THEMES.find((theme) => theme === chosen) ?? 'system';
