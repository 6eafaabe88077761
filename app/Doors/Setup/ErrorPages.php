<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Setup;

use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use LogicException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;
use Vestibra\App\Doors\Shop\PageController;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Pages\PageKind;

/** What goes wrong, said in plain sentences: what happened, what was kept, what to do. */
final class ErrorPages
{
    private const WORDS = [
        400 => 'This address is not written as addresses are. Check it, or begin from the shop’s first page.',
        401 =>
            'You are not signed in, or your sign-in has run out. What you sent was not taken; sign in and do it again.',
        403 => 'Your account may look at this but not change it. Ask the owner of the shop.',
        404 => 'There is nothing at this address. It may have been renamed or taken away.',
        405 => 'This address does not take that kind of request.',
        413 => 'That is too large to be taken. Nothing was changed.',
        419 => 'This page has been open for too long. Nothing was changed; reload it and do it again.',
        423 => 'Somebody is saving very much just now. Nothing of yours was changed; try again in a moment.',
        429 => 'Too many tries in a short time. Wait a minute, then try again.',
        507 => NoRoom::WORDS,
        503 => 'The shop’s data was just put back from a backup. What you sent was not taken; try again.',
        500 => 'Something failed on our side. Nothing was half done; try again, and if it happens again, tell whoever '
            .'keeps the shop.',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->render(static function (
            Throwable $error,
            Request $request,
        ): JsonResponse|RedirectResponse|Response|null {
            if ($error instanceof AuthenticationException && ! $request->expectsJson()) {
                return redirect('/studio/sign-in'
                    .($request->isMethod('GET') ? '?to='.rawurlencode($request->getRequestUri()) : ''));
            }
            if ($error instanceof ValidationException) {
                return null;
            }
            $status = match (true) {
                $error instanceof AuthenticationException => 401,
                $error instanceof HttpExceptionInterface => $error->getStatusCode(),
                NoRoom::isBehind($error) => 507,
                self::isBusy($error) && $request->is('studio', 'studio/*') => 423,
                default => 500,
            };
            if ($status === 500 && config()->boolean('app.debug')) {
                return null;
            }
            $known = isset(self::WORDS[$status]) ? $status : ($status >= 500 ? 500 : 404);
            $words = $request->is('studio', 'studio/*')
                ? self::WORDS[$known]
                : app(ShopMessages::class)->live()->say("error.$known");

            if ($known === 404
                && $request->isMethod('GET')
                && ! $request->expectsJson()
                && $request->acceptsHtml()
                && ! $request->is('studio', 'studio/*')
                && $request->hasSession()) {
                return self::notFound($request);
            }

            return $request->expectsJson()
                ? new JsonResponse(['message' => $words], $status)
                : response()->view(
                    $request->is('studio', 'studio/*') ? 'studio::error' : 'shop::error',
                    ['status' => $status, 'words' => $words],
                    $status,
                );
        });
    }

    /** Somebody else has been writing for longer than is waited for. */
    private static function isBusy(Throwable $error): bool
    {
        return $error instanceof PDOException && str_contains($error->getMessage(), 'database is locked');
    }

    /** Through the template that the shop has for it; should that fail too, in plain words. */
    private static function notFound(Request $request): Response
    {
        try {
            $page = app(PageController::class)($request, PageAddresses::NOT_FOUND, PageKind::NotFound->value);

            return $page instanceof Response
                ? $page
                : throw new LogicException('A page that is not found has a status of its own.');
        } catch (Throwable $error) {
            report($error);

            return response()->view(
                'shop::error',
                ['status' => 404, 'words' => app(ShopMessages::class)->live()->say('error.404')],
                404,
            );
        }
    }
}
