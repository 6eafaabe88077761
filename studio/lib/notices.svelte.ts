export interface NoticeAction {
    words: string;
    do: () => void;
}

export interface Notice {
    words: string;
    trouble: boolean;
    actions: NoticeAction[];
    /** It asks something: it stays until one of its actions is chosen. */
    asks: boolean;
}

/**
 * A line at the lower edge that says what happened; the newest replaces the one before, and what asks something waits.
 */
class Notices {
    current = $state.raw<Notice | null>(null);
    asking = $state.raw<Notice[]>([]);

    say(words: string, ...actions: NoticeAction[]): void {
        this.current = { words, trouble: false, actions, asks: false };
    }

    warn(words: string, ...actions: NoticeAction[]): void {
        this.current = { words, trouble: true, actions, asks: false };
    }

    ask(words: string, ...actions: [NoticeAction, ...NoticeAction[]]): void {
        this.asking = [...this.asking, { words, trouble: true, actions, asks: true }];
    }

    trouble(error: unknown): void {
        const unreachable = 'The server cannot be reached. Nothing is lost; try again in a moment.';
        this.warn(error instanceof TypeError ? unreachable : error instanceof Error ? error.message : String(error));
    }

    clear(): void {
        this.current = null;
    }

    answer(notice: Notice, action: NoticeAction): void {
        if (notice.asks) this.asking = this.asking.filter((one) => one !== notice);
        else this.clear();
        action.do();
    }
}

export const notices = new Notices();
