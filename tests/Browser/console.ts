import { execFileSync } from 'node:child_process';
import { resolve } from 'node:path';
import { firstPort, room } from './room';

/** Runs a command of the application on the shop of one worker; answers what it prints. */
export function artisan(worker: number, words: string[], input = ''): string {
    return execFileSync('php', ['artisan', ...words], {
        encoding: 'utf8',
        input,
        env: {
            ...process.env,
            DB_DATABASE: `${room}/shops/${(firstPort + worker).toString()}/shop.sqlite`,
            PICTURES_FOLDER: `${room}/pictures`,
            FILES_FOLDER: `${room}/files`,
            APP_CONFIG_CACHE: resolve('storage/app/no-config.php'),
        },
    });
}

/** Says something in SQL to the shop of one worker, where laying a state by hand would take a test too long. */
export function sql(worker: number, statements: string): void {
    execFileSync('php', [
        '-r',
        '(new PDO("sqlite:".$argv[1], options: [PDO::ATTR_TIMEOUT => 20]))->exec($argv[2]);',
        `${room}/shops/${(firstPort + worker).toString()}/shop.sqlite`,
        statements,
    ]);
}
