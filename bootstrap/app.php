<?php

declare(strict_types=1);

use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Vestibra\App\Doors\Console;
use Vestibra\App\Doors\Middleware\Compressed;
use Vestibra\App\Doors\Middleware\Forgery;
use Vestibra\App\Doors\Middleware\OneAddress;
use Vestibra\App\Doors\Middleware\OneMoment;
use Vestibra\App\Doors\Middleware\PlainAddress;
use Vestibra\App\Doors\Middleware\SecurityHeaders;
use Vestibra\App\Doors\Middleware\SessionWhenNeeded;
use Vestibra\App\Doors\Setup\ErrorPages;
use Vestibra\App\Doors\Setup\Failures;

// What was cached for another place or another environment is not used: each has a cache of its own.
$around = array_map(static fn (string $name): string => "$name=".(getenv($name) === false ? '' : getenv($name)), [
    'APP_ENV', 'APP_DEBUG', 'APP_KEY', 'APP_URL', 'CACHE_FOLDER', 'CACHE_STORE', 'DATA_FOLDER', 'DB_DATABASE',
    'FILES_FOLDER', 'LOG_CHANNEL', 'QUEUE_CONNECTION', 'SESSIONS_FILE',
    'SESSION_DRIVER', 'SESSION_SECURE_COOKIE', 'SHOP_CURRENCY', 'SHOP_HOSTS', 'SHOP_LOCALE', 'SHOP_NAME', 'SHOP_ZONE',
    'TRUSTED_PROXIES', 'VIEW_COMPILED_PATH',
]);
$environment = dirname(__DIR__).'/.env';
$mark = substr(
    hash('sha256', implode("\n", [__DIR__, is_file($environment) ? (string) filemtime($environment) : '', ...$around])),
    0,
    12,
);
$_ENV['APP_CONFIG_CACHE'] ??= $_SERVER['APP_CONFIG_CACHE'] ??= "bootstrap/cache/config-$mark.php";

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
    )
    ->withCommands([
        Console\BackupCommand::class,
        Console\BenchCommand::class,
        Console\DataCommand::class,
        Console\DemoCommand::class,
        Console\DoctorCommand::class,
        Console\PageCommand::class,
        Console\AssignCommand::class,
        Console\ReachCommand::class,
        Console\ReleaseCommand::class,
        Console\RestoreCommand::class,
        Console\TemplateCommand::class,
        Console\CatalogueCommand::class,
        Console\ModelsCommand::class,
        Console\TypesCommand::class,
        Console\UserCommand::class,
        Console\VerdictCommand::class,
    ])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // Words on a page are kept as they were typed, also when nothing is left of them.
        $asTyped = static fn (Request $request): bool =>
            $request->is('studio/templates/*/edits', 'studio/html', 'studio/catalogue/*');
        $middleware->trimStrings(except: [$asTyped]);
        $middleware->convertEmptyStringsToNull(except: [$asTyped]);
        $middleware->prepend([SecurityHeaders::class, Compressed::class]);
        $middleware->append([OneMoment::class, PlainAddress::class, OneAddress::class]);
        $middleware->web(
            replace: [StartSession::class => SessionWhenNeeded::class, ValidateCsrfToken::class => Forgery::class],
        );
        $middleware->authenticateSessions();
        $middleware->redirectGuestsTo('/studio/sign-in');
        $middleware->redirectUsersTo('/studio/today');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        ErrorPages::register($exceptions);
    })
    ->create();
$app->singleton(ExceptionHandler::class, Failures::class);

return $app;
