<?php

declare(strict_types=1);

use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Vestibra\App\Console;
use Vestibra\App\Http\ErrorPages;
use Vestibra\App\Http\Middleware\SecurityHeaders;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
    )
    ->withCommands([
        Console\BackupCommand::class,
        Console\BenchCommand::class,
        Console\DemoCommand::class,
        Console\DoctorCommand::class,
        Console\PageCommand::class,
        Console\ReachCommand::class,
        Console\ReleaseCommand::class,
        Console\RestoreCommand::class,
        Console\TemplateCommand::class,
        Console\TypesCommand::class,
        Console\UserCommand::class,
        Console\VerdictCommand::class,
    ])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->redirectGuestsTo('/studio/sign-in');
        $middleware->redirectUsersTo('/studio/today');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        ErrorPages::register($exceptions);
    })
    ->create();
