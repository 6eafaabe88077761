import { execFileSync } from 'node:child_process';
import { resolve } from 'node:path';

const TWO_FREE = `
for ($port = 8123; $port < 9123; $port += 2) {
    $servers = [];
    foreach ([$port, $port + 1] as $one) {
        $servers[] = @stream_socket_server("tcp://127.0.0.1:$one");
    }
    if (! in_array(false, $servers, true)) {
        print $port;
        exit;
    }
}`;

/** Chosen once, by the first to ask; all others of this run are told by the environment. */
process.env.TEST_PORT ??= execFileSync('php', ['-r', TWO_FREE], { encoding: 'utf8' }).trim();

/** The first of the two ports on which this run's shops stand (bin/_test-server). */
export const firstPort = Number(process.env.TEST_PORT);

/** Where everything of this run lies. */
export const room = resolve(`storage/app/browser-test-${firstPort.toString()}`);
