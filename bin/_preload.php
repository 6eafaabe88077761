<?php

declare(strict_types=1);

// For the server: the classes that every request needs are loaded once, when it starts (list written by
// bin/_classes.php).
$list = __DIR__.'/../storage/framework/preload.json';
foreach (is_file($list) ? (array) json_decode((string) file_get_contents($list), true) : [] as $file) {
    if (is_string($file) && is_file($file)) {
        opcache_compile_file($file);
    }
}
