export interface Picture {
    id: number;
    alt: string;
    small: string;
    width: number;
    height: number;
    state: 'new' | 'ready' | 'broken';
    /** In quarters from the left and from the top. */
    focusX: number;
    focusY: number;
    products: number;
}

export interface Uses {
    products: { id: number; title: string; slug: string }[];
    templates: { id: number; name: string }[];
}
