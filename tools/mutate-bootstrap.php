<?php

declare(strict_types=1);

// A class with a fault in it is there before the right one is looked for.
require dirname(__DIR__).'/vendor/autoload.php';
$fault = getenv('FAULT');
if (is_string($fault) && is_file($fault)) {
    try {
        require $fault;
    } catch (Throwable $error) {
        exit("It does not even load: {$error->getMessage()}\n");
    }
}
