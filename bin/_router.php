<?php

declare(strict_types=1);

// For PHP's built-in server: files of public/ as they are, everything else through the application.
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH));
$file = realpath(__DIR__.'/../public'.$path);
if ($path !== '/' && $file !== false && is_file($file) && str_starts_with($file, (string) realpath(__DIR__.'/../public')) && ! str_ends_with($file, '.php')) {
    return false;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require __DIR__.'/../public/index.php';
