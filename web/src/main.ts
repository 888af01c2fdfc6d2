import 'element-plus/theme-chalk/dark/css-vars.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { router } from './app/router';
import { watchForStale } from './app/stale';
import './app/theme.css';

/** Light or dark as the device asks. */
const dark = matchMedia('(prefers-color-scheme: dark)');
const follow = () => document.documentElement.classList.toggle('dark', dark.matches);
dark.addEventListener('change', follow);
follow();

watchForStale(router);
createApp(App).use(createPinia()).use(router).mount('#app');
