import './studio.css';
import { mount, type Component } from 'svelte';
import DrawingTable from './screens/drawing-table/DrawingTable.svelte';
import CatalogueThing from './screens/catalogue/Thing.svelte';
import CatalogueThings from './screens/catalogue/Things.svelte';
import CatalogueProducts from './screens/catalogue/Products.svelte';
import CatalogueSheet from './screens/catalogue/Sheet.svelte';
import CatalogueHistory from './screens/catalogue/History.svelte';
import HouseStyle from './screens/house-style/HouseStyle.svelte';
import Facts from './screens/facts/Facts.svelte';
import InAndOut from './screens/in-and-out/InAndOut.svelte';
import Money from './screens/catalogue/Money.svelte';
import Pictures from './screens/pictures/Pictures.svelte';
import Product from './screens/product/Product.svelte';
import Releases from './screens/releases/Releases.svelte';
import News from './screens/news/News.svelte';
import Order from './screens/order/Order.svelte';
import Reviews from './screens/reviews/Reviews.svelte';
import Search from './screens/search/Search.svelte';
import Today from './screens/today/Today.svelte';
import Who from './screens/who/Who.svelte';
import Why from './screens/why/Why.svelte';
import Words from './screens/words/Words.svelte';
import Templates from './screens/templates/Templates.svelte';
import { carryCursor } from './lib/focus';
import type { Screen } from './lib/types';

const screens: Record<string, Component<{ screen: Screen<never> }>> = {
    today: Today,
    who: Who,
    why: Why,
    templates: Templates,
    facts: Facts,
    'house-style': HouseStyle,
    history: CatalogueHistory,
    'in-and-out': InAndOut,
    money: Money,
    products: CatalogueProducts,
    sheet: CatalogueSheet,
    things: CatalogueThings,
    thing: CatalogueThing,
    pictures: Pictures,
    product: Product,
    releases: Releases,
    news: News,
    order: Order,
    reviews: Reviews,
    search: Search,
    words: Words,
    'drawing-table': DrawingTable,
};

const data = document.getElementById('screen')?.textContent;
const target = document.getElementById('studio');
if (data && target) {
    carryCursor();
    const screen = JSON.parse(data) as Screen<never>;
    const component = screens[screen.name];
    if (component) mount(component, { target, props: { screen } });
}
