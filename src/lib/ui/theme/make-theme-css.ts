import tokens from './tokens.json';

type Theme = keyof typeof tokens.palette;

/** The style sheet of both themes from the one token map; until one is chosen, the one the system wishes for. */
export function makeThemeCss(): string {
  const block = (theme: Theme): string => {
    const palette: Record<string, string> = tokens.palette[theme];
    const carbon: Record<string, string> = tokens.carbon[theme];
    const own = Object.entries(palette).map(([name, value]) => `  --${name}: ${value};`);
    const mapped = Object.entries(carbon).map(([name, value]) => `  --${name}: ${palette[value] ?? value};`);
    return [...own, ...mapped].join('\n');
  };
  return `/* made by npm run theme from tokens.json: change that file, not this one */
:root,
:root[data-theme='cal'] {
  color-scheme: light;
${block('cal')}
}
:root[data-theme='noche'],
[data-floor] {
  color-scheme: dark;
${block('noche')}
}
@media (prefers-color-scheme: dark) {
  :root[data-theme='system'] {
    color-scheme: dark;
${block('noche').replaceAll('\n  ', '\n    ').replace(/^ {2}/, '    ')}
  }
}
`;
}
