import { get, post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { Matter, RuleMattersAnswer, TodayData } from '../../lib/types';

/** What needs attention today, and the walk through the shop as it will be. */
export class Today {
    private own = $state.raw<Matter[]>([]);
    private inRules = $state.raw<Matter[]>([]);
    /** What rules need is counted after the rest is there. */
    looking = $state(true);
    drafts = $state<number[]>([]);
    day = $state('');
    time = $state('12:00');

    constructor(data: TodayData) {
        this.own = data.attention;
        void this.look();
    }

    get attention(): Matter[] {
        return [...this.own, ...this.inRules];
    }

    async look(): Promise<void> {
        try {
            this.inRules = (await get<RuleMattersAnswer>('/studio/rules')).matters;
        } catch (error) {
            notices.trouble(error);
        }
        this.looking = false;
    }

    /** Something was done about one of them. */
    async lookAgain(): Promise<void> {
        try {
            this.own = (await get<{ attention: Matter[] }>('/studio/today/attention')).attention;
        } catch (error) {
            notices.trouble(error);
        }
        await this.look();
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
            this.own = this.own.filter((one) => one !== matter);
            if (said) notices.say(said);
        } catch (error) {
            notices.trouble(error);
        }
    }
}
