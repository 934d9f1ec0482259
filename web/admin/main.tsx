import '../design/tokens.css';
import { chosenLanguage, load } from './shared/intl';

// names and choices are written when their modules are read, so the messages come first
await load(chosenLanguage());
const { start } = await import('./app');
start(document.getElementById('root')!);
