/** An answer that is not a success, with the sentence that the server gave. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly body: Record<string, unknown>,
    ) {
        super(message);
    }

    /** The sign-in ran out, or was made anew in another window: nothing is wrong with what was sent. */
    get signedOut(): boolean {
        return this.status === 401 || this.status === 419;
    }
}

export async function get<Answer>(address: string): Promise<Answer> {
    return call<Answer>('GET', address);
}

export async function post<Answer>(address: string, body: object = {}): Promise<Answer> {
    return call<Answer>('POST', address, body);
}

/** Sends a file, with words beside it. */
export async function upload<Answer>(
    address: string,
    name: string,
    file: File,
    words: Record<string, string> = {},
): Promise<Answer> {
    const form = new FormData();
    for (const [key, value] of Object.entries(words)) form.append(key, value);
    form.append(name, file);
    return call<Answer>('POST', address, form);
}

export async function patch<Answer>(address: string, body: object): Promise<Answer> {
    return call<Answer>('PATCH', address, body);
}

export async function remove<Answer>(address: string): Promise<Answer> {
    return call<Answer>('DELETE', address);
}

function tokenPlace(): HTMLMetaElement | null {
    return document.querySelector<HTMLMetaElement>('meta[name="csrf-token"]');
}

/** Asks whether somebody is signed in again, and takes over the new token. */
export async function signedInAgain(): Promise<boolean> {
    try {
        const { token } = await get<{ token: string }>('/studio/token');
        if (tokenPlace()) tokenPlace()?.setAttribute('content', token);
        return true;
    } catch {
        return false;
    }
}

/** Throws a Refused for an answer with a sentence, and fetch's own TypeError when the server cannot be reached. */
async function call<Answer>(method: string, address: string, body?: object): Promise<Answer> {
    const answer = await fetch(address, {
        method,
        headers: {
            Accept: 'application/json',
            'X-CSRF-TOKEN': tokenPlace()?.content ?? '',
            ...(body instanceof FormData ? {} : { 'Content-Type': 'application/json' }),
        },
        ...(body === undefined ? {} : { body: body instanceof FormData ? body : JSON.stringify(body) }),
    });
    const text = await answer.text();
    const data = (text.startsWith('{') ? JSON.parse(text) : {}) as Record<string, unknown>;
    if (!answer.ok) {
        const message =
            typeof data.message === 'string' ? data.message : 'Something failed. Nothing was half done; try again.';
        throw new Refused(answer.status, message, data);
    }
    return data as Answer;
}
