/**
 * Two ends on one line, in the place of typing them (WAI-ARIA Authoring Practices, multi-thumb slider). The fields
 * stay: what a hand or a key moves is written there.
 */
export function enhanceSliders(): void {
    for (const track of document.querySelectorAll<HTMLElement>('.filter-slider')) {
        const fields = [...(track.closest('[data-range]')?.querySelectorAll<HTMLInputElement>('.filter-field') ?? [])];
        if (fields.length === 2) slider(track, fields as [HTMLInputElement, HTMLInputElement]);
    }
}

const number = (text: string | undefined, otherwise: number): number => {
    const read = Number((text ?? '').replace(',', '.'));
    return text?.trim() && Number.isFinite(read) ? read : otherwise;
};

function slider(track: HTMLElement, fields: [HTMLInputElement, HTMLInputElement]): void {
    const least = number(track.dataset.least, 0);
    const most = number(track.dataset.most, 0);
    const step = number(track.dataset.step, 1);
    const bounds = [least, most] as const;
    const digits = (track.dataset.step ?? '').split('.')[1]?.length ?? 0;
    const unit = track.dataset.unit ?? '';
    // Amounts have all their digits, unless they are whole.
    const written = (one: number): string =>
        track.dataset.money === undefined || Number.isInteger(one) ? String(one) : one.toFixed(digits);
    const value = (end: 0 | 1): number => Math.min(most, Math.max(least, number(fields[end].value, bounds[end])));
    if (!track.querySelector('[role=slider]')) {
        track.innerHTML = '<span class="filter-between"></span>';
        for (const end of [0, 1] as const) {
            const thumb = document.createElement('span');
            thumb.setAttribute('role', 'slider');
            thumb.tabIndex = 0;
            thumb.className = 'filter-thumb';
            thumb.setAttribute(
                'aria-label',
                `${track.closest('fieldset')?.querySelector('legend')?.textContent ?? ''}, ${fields[end].closest('label')?.querySelector('span')?.textContent ?? ''}`,
            );
            track.append(thumb);
        }
    }
    const thumbs = [...track.querySelectorAll<HTMLElement>('[role=slider]')] as [HTMLElement, HTMLElement];
    const paint = (): void => {
        const ends = [value(0), value(1)] as const;
        for (const end of [0, 1] as const) {
            const share = most > least ? (ends[end] - least) / (most - least) : end;
            thumbs[end].style.left = `${(share * 100).toString()}%`;
            track.style.setProperty(end === 0 ? '--from' : '--to', `${(share * 100).toString()}%`);
            thumbs[end].setAttribute('aria-valuemin', String(end === 0 ? least : ends[0]));
            thumbs[end].setAttribute('aria-valuemax', String(end === 0 ? ends[1] : most));
            thumbs[end].setAttribute('aria-valuenow', String(ends[end]));
            thumbs[end].setAttribute('aria-valuetext', `${written(ends[end])} ${unit}`.trim());
        }
    };
    const write = (end: 0 | 1, to: number): void => {
        const other = value(end === 0 ? 1 : 0);
        const kept = end === 0 ? Math.min(Math.max(least, to), other) : Math.max(Math.min(most, to), other);
        const rounded = Number((Math.round(kept / step) * step).toFixed(digits));
        fields[end].value = rounded <= least && end === 0 ? '' : rounded >= most && end === 1 ? '' : written(rounded);
        paint();
    };
    const done = (end: 0 | 1): void => void fields[end].dispatchEvent(new Event('change', { bubbles: true }));
    paint();
    if (track.dataset.own) return;
    track.dataset.own = 'yes';
    for (const end of [0, 1] as const) {
        fields[end].addEventListener('input', paint);
        thumbs[end].addEventListener('keydown', (event) => {
            const large = Math.max(step, Math.round((most - least) / 10 / step) * step);
            const moves: Record<string, number> = {
                ArrowLeft: -step,
                ArrowDown: -step,
                ArrowRight: step,
                ArrowUp: step,
                PageDown: -large,
                PageUp: large,
            };
            const by = moves[event.key];
            if (by === undefined && event.key !== 'Home' && event.key !== 'End') return;
            event.preventDefault();
            write(end, by === undefined ? (event.key === 'Home' ? least : most) : value(end) + by);
            done(end);
        });
        thumbs[end].addEventListener('pointerdown', (event) => {
            event.preventDefault();
            thumbs[end].focus();
            thumbs[end].setPointerCapture(event.pointerId);
            const room = track.getBoundingClientRect();
            const move = (at: PointerEvent): void =>
                write(end, least + ((at.clientX - room.left) / room.width) * (most - least));
            thumbs[end].addEventListener('pointermove', move);
            thumbs[end].addEventListener(
                'lostpointercapture',
                () => {
                    thumbs[end].removeEventListener('pointermove', move);
                    done(end);
                },
                { once: true },
            );
        });
    }
}
