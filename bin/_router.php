<?php

declare(strict_types=1);

// For PHP's built-in server: files of public/ and the shop's pictures as they are, everything else through the
// application. Files of the build are named after what they hold, so browsers keep them for a year; they lie there
// compressed as well.

$types = [
    'js' => 'text/javascript; charset=utf-8', 'css' => 'text/css; charset=utf-8', 'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2', 'json' => 'application/json',
    'webp' => 'image/webp', 'avif' => 'image/avif', 'png' => 'image/png', 'jpg' => 'image/jpeg',
    'txt' => 'text/plain; charset=utf-8', 'ico' => 'image/x-icon',
];
$address = $_SERVER['REQUEST_URI'] ?? '/';
$path = rawurldecode((string) (strtok(is_string($address) ? $address : '/', '?') ?: '/'));
$ending = strtolower(pathinfo($path, PATHINFO_EXTENSION));
$file = '';
if (! str_contains($path, "\0")
    && ! str_contains($path, '..')
    && isset($types[$ending])
    && in_array($_SERVER['REQUEST_METHOD'] ?? '', ['GET', 'HEAD'], true)) {
    $data = getenv('DATA_FOLDER') ?: __DIR__.'/../storage/data';
    $pictures = getenv('PICTURES_FOLDER') ?: "$data/current/pictures";
    $file = preg_match('~^/pictures/([a-z0-9-]+-(?:160|400|800)\.(?:webp|avif))$~D', $path, $name) === 1
        ? "$pictures/$name[1]"
        : __DIR__.'/../public'.$path;
    clearstatcache();
}
if ($file !== '' && is_file($file)) {
    $hashed = str_starts_with($path, '/build/assets/');
    header('Content-Type: '.$types[$ending]);
    header('X-Content-Type-Options: nosniff');
    header("Content-Security-Policy: default-src 'none'; style-src 'unsafe-inline'; sandbox");
    header('Cache-Control: '.($hashed ? 'public, max-age=31536000, immutable' : 'public, max-age=86400'));
    $mark = '"'.dechex((int) filemtime($file)).'-'.dechex((int) filesize($file)).'"';
    header("ETag: $mark");
    if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $mark) {
        http_response_code(304);

        return true;
    }
    $takes = (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '');
    foreach ($hashed ? ['br' => 'br', 'gzip' => 'gz'] : [] as $encoding => $suffix) {
        if (is_file("$file.$suffix") && preg_match("/\\b$encoding\\b(?!;q=0(?:\\.0*)?\\b)/", $takes) === 1) {
            header("Content-Encoding: $encoding");
            $file .= ".$suffix";
            break;
        }
    }
    if ($hashed) {
        header('Vary: Accept-Encoding');
    }
    header('Content-Length: '.filesize($file));
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($file);
    }

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require __DIR__.'/../public/index.php';
