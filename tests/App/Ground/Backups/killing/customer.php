<?php

declare(strict_types=1);

// A customer who puts one thing after another into the cart, as each request to the shop does: told by its number, kept
// in the session.

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require dirname(__DIR__, 5).'/vendor/autoload.php';

for ($number = 1; ; $number++) {
    $app = require dirname(__DIR__, 5).'/bootstrap/app.php';
    $cookies = isset($cookie) ? ['vestibra' => $cookie] : [];
    $answer = $app->make(Kernel::class)->handle(
        Request::create('http://127.0.0.1/cart', 'POST', ['variant' => $argv[1], 'quantity' => 1], $cookies, [], [
            'HTTP_ORIGIN' => 'http://127.0.0.1',
            'HTTP_HOST' => '127.0.0.1',
            'HTTP_ACCEPT' => 'application/json',
        ]),
    );
    foreach ($answer->headers->getCookies() as $one) {
        $cookie = $one->getValue();
    }
    $said = json_decode((string) $answer->getContent(), true);
    echo $answer->getStatusCode().' '.($said['count'] ?? $said['message'] ?? '')."\n";
    $app->flush();
    // Others are served between two requests of one customer too.
    usleep(50_000);
}
