// Reading aloud by a voice that lives on this machine: what is written never leaves it. Off until it is asked for.
import {spoken} from './spoken.js';

const KEPT = 'runel-aloud';
const SAID = '.margin-what, .margin-why, #prompt, .verdict, #now .line, #now.line, .why-more p';

/** The voice for a language among those there are: only one that needs no network, the dialect's own where it can. */
export const voiceFor = (voices, language) => {
    const own = voices.filter((voice) => voice.localService
        && voice.lang.slice(0, 2).toLowerCase() === language.slice(0, 2).toLowerCase());
    return own.find((voice) => voice.lang.replace('_', '-') === language) ?? own[0] ?? null;
};

/** @param speech the browser's own, or undefined where it has none */
export const aloud = (page, speech, store) => {
    if (!page.getElementById('pen-aloud')) return {close: () => false};
    const language = page.documentElement.lang;
    const voice = () => (speech ? voiceFor(speech.getVoices(), language) : null);
    const isOn = () => store.getItem(KEPT) === '1';
    const say = () => {
        speech.cancel();
        const found = voice();
        if (!isOn() || !found) return;
        [...page.querySelectorAll(SAID)].map(spoken).filter((words) => words !== '').forEach((words) => {
            const said = new window.SpeechSynthesisUtterance(words);
            said.voice = found;
            said.lang = found.lang;
            speech.speak(said);
        });
    };
    const tell = () => {
        const button = page.getElementById('pen-aloud');
        button?.setAttribute('aria-pressed', String(isOn() && voice() !== null));
    };
    const missing = () => {
        const place = page.getElementById('announce');
        const button = page.getElementById('pen-aloud');
        place.textContent = button.dataset.missing;
        button.title = button.dataset.missing;
        button.classList.add('is-off');
        button.setAttribute('aria-disabled', 'true');
    };
    const toggle = () => {
        if (voice() === null) {
            missing();
            return;
        }
        store.setItem(KEPT, isOn() ? '0' : '1');
        tell();
        say();
    };
    page.addEventListener('click', (event) => {
        if (event.target instanceof Element && event.target.closest('#pen-aloud')) toggle();
    });
    page.addEventListener('htmx:afterSwap', (event) => {
        tell();
        if (isOn() && event.detail.target.querySelector('#work, .why-more')) say();
    });
    speech?.addEventListener?.('voiceschanged', tell);
    tell();
    return {
        close: () => {
            if (!speech?.speaking) return false;
            speech.cancel();
            return true;
        },
    };
};
