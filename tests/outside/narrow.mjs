// What a list comes to when it is narrowed, worked out from the plain tables of a shop as somebody would with a pencil.
import { readFileSync } from 'node:fs';

const above = (shop, category) => (category ? [category, ...above(shop, shop.parents[category])] : []);
const price = (shop, v) =>
    v.sale_price !== null &&
    v.sale_price < v.price &&
    (!v.sale_from || v.sale_from <= shop.now) &&
    (!v.sale_until || v.sale_until > shop.now)
        ? v.sale_price
        : v.price;
const has = {
    category: (shop, p) => p.categories.flatMap((one) => above(shop, one)),
    brand: (shop, p) => (p.brand_id ? [p.brand_id] : []),
    tag: (shop, p) => p.tags,
    rating: (shop, p) => [1, 2, 3, 4].filter((stars) => p.review_count > 0 && p.star_sum / p.review_count >= stars),
    fact: (shop, p, fact) => p.facts[fact] ?? [],
    price: (shop, p, _, v) => [price(shop, v)],
    sale: (shop, p, _, v) => [price(shop, v) < v.price ? 1 : 2],
    stock: (shop, p, _, v) => [v.stock === null || v.stock > 0 ? 1 : 2],
    option: (shop, p, option, v) => (v.values[option] ? [v.values[option]] : []),
};
const OF_VARIANTS = ['price', 'sale', 'stock', 'option'];

function fits(shop, filter, choice, product, variant) {
    const [kind, number] = filter.key.split('.');
    if (filter.onlyInStock && variant.stock !== null && variant.stock <= 0) return false;
    const own = has[kind](shop, product, number, variant);
    return filter.range
        ? own.some((n) => n >= (choice[0] ?? n) && n <= (choice[1] ?? n))
        : own.some((n) => choice.includes(n));
}

function left(shop, filters, asked, list) {
    const on = filters.filter((filter) => asked[filter.key]);
    const [variants, products] = [true, false].map((want) =>
        on.filter((filter) => OF_VARIANTS.includes(filter.key.split('.')[0]) === want),
    );
    return list.filter(
        (p) =>
            products.every((filter) => fits(shop, filter, asked[filter.key], p)) &&
            (variants.length === 0 ||
                p.variants.some(
                    (v) => v.published && variants.every((filter) => fits(shop, filter, asked[filter.key], p, v)),
                )),
    );
}

const listed = ({ products, ...shop }) =>
    products.filter((p) => p.published && (shop.category === null || has.category(shop, p).includes(shop.category)));

function answer({ shop, filters, asked }) {
    const list = listed(shop);
    return asked.map((choices) => {
        const counts = {};
        for (const filter of filters.filter((one) => !one.range)) {
            const [kind, number] = filter.key.split('.');
            const variants = OF_VARIANTS.includes(kind);
            const values = new Set(
                list.flatMap((p) =>
                    variants
                        ? p.variants
                              .filter((v) => v.published && !(filter.onlyInStock && v.stock !== null && v.stock <= 0))
                              .flatMap((v) => has[kind](shop, p, number, v))
                        : has[kind](shop, p, number),
                ),
            );
            counts[filter.key] = [...values]
                .sort((a, b) => a - b)
                .map((value) => [value, left(shop, filters, { ...choices, [filter.key]: [value] }, list).length]);
        }
        return { left: left(shop, filters, choices, list).map((p) => p.id), counts };
    });
}

console.log(JSON.stringify(JSON.parse(readFileSync(process.argv[2], 'utf8')).map(answer)));
