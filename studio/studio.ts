import './studio.css';
import { mount, type Component } from 'svelte';
import { carryCursor } from './lib/focus';
import type { Screen } from './lib/types';

type Loading = Promise<{ default: Component<{ screen: Screen<never> }> }>;

/** A screen brings its own code alone: none is opened for the drawing table's. */
const screens: Record<string, () => Loading> = {
    today: () => import('./screens/today/Today.svelte'),
    who: () => import('./screens/who/Who.svelte'),
    why: () => import('./screens/why/Why.svelte'),
    templates: () => import('./screens/templates/Templates.svelte'),
    facts: () => import('./screens/facts/Facts.svelte'),
    'house-style': () => import('./screens/house-style/HouseStyle.svelte'),
    history: () => import('./screens/catalogue/History.svelte'),
    'in-and-out': () => import('./screens/in-and-out/InAndOut.svelte'),
    money: () => import('./screens/catalogue/Money.svelte'),
    products: () => import('./screens/catalogue/Products.svelte'),
    sheet: () => import('./screens/catalogue/Sheet.svelte'),
    things: () => import('./screens/catalogue/Things.svelte'),
    thing: () => import('./screens/catalogue/Thing.svelte'),
    pictures: () => import('./screens/pictures/Pictures.svelte'),
    product: () => import('./screens/product/Product.svelte'),
    releases: () => import('./screens/releases/Releases.svelte'),
    news: () => import('./screens/news/News.svelte'),
    order: () => import('./screens/order/Order.svelte'),
    reviews: () => import('./screens/reviews/Reviews.svelte'),
    search: () => import('./screens/search/Search.svelte'),
    words: () => import('./screens/words/Words.svelte'),
    'drawing-table': () => import('./screens/drawing-table/DrawingTable.svelte'),
};

const data = document.getElementById('screen')?.textContent;
const target = document.getElementById('studio');
if (data && target) {
    carryCursor();
    const screen = JSON.parse(data) as Screen<never>;
    void screens[screen.name]?.().then(({ default: component }) => mount(component, { target, props: { screen } }));
}
