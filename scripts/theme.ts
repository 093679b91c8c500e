import { writeFileSync } from 'node:fs';
import { makeThemeCss } from '../src/lib/ui/theme/make-theme-css';

writeFileSync('src/lib/ui/theme/theme.css', makeThemeCss());
