<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\ClosedNotices;

/** Closes a notice for whoever reads it. */
final readonly class NoticeController
{
    private const DAYS = 180;

    public function __invoke(Request $request): RedirectResponse|JsonResponse
    {
        $mark = Asked::text($request, 'notice', 40);
        $answer = $request->expectsJson() ? new JsonResponse(['closed' => true]) : back(fallback: '/');

        return ClosedNotices::isMark($mark)
            ? $answer
                ->withCookie(cookie(ClosedNotices::COOKIE, ClosedNotices::with($request, $mark), self::DAYS * 24 * 60))
            : $answer;
    }
}
