// The pages work without any of this; it adds keys, focus, clocks and the keypad.
import {bench} from './bench.js';
import {copying} from './copying.js';
import {help, keys, rooms} from './keys.js';
import {glance, lessonLine, sorting} from './lesson.js';
import {pile} from './pile.js';
import {presenting} from './presenting.js';
import {projector} from './projector.js';
import {sheet} from './sheet.js';
import {shelf} from './shelf.js';
import {keptStyles} from './styles.js';
import {swaps} from './swaps.js';
import {timer} from './timer.js';

const tool = copying(document);
const styles = keptStyles(document);
const clock = timer(document);
const leaf = rooms(document);
keys(document, [leaf, help(document), tool, styles], leaf);
swaps(document, clock, () => sorting(document));
lessonLine(document);
glance(document);
sorting(document);
pile(document);
projector(document);
presenting(document);
bench(document);
shelf(document);
sheet(document, sessionStorage);
