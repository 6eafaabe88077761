import { post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { Matter, TodayData } from '../../lib/types';

/** What needs attention today, and the walk through the shop as it will be. */
export class Today {
    attention = $state.raw<Matter[]>([]);
    drafts = $state<number[]>([]);
    day = $state('');
    time = $state('12:00');

    constructor(data: TodayData) {
        this.attention = data.attention;
    }

    settle(matter: Matter): Promise<void> {
        return this.done(matter, `/studio/today/settle/${matter.step.settle}`);
    }

    retry(matter: Matter): Promise<void> {
        return this.done(matter, matter.step.address, 'It is being tried again.');
    }

    async walk(): Promise<void> {
        try {
            await post('/studio/walk', { drafts: this.drafts, at: this.day ? `${this.day} ${this.time}` : null });
            location.assign('/');
        } catch (error) {
            notices.trouble(error);
        }
    }

    private async done(matter: Matter, address: string, said?: string): Promise<void> {
        try {
            await post(address);
            this.attention = this.attention.filter((one) => one !== matter);
            if (said) notices.say(said);
        } catch (error) {
            notices.trouble(error);
        }
    }
}
