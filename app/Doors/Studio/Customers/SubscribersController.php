<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Customers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Ground\PageRows;
use Vestibra\App\Shop\News\Outbox;
use Vestibra\App\Shop\News\Subscribers;

/**
 * Who wants letters from the shop, and the outbox that stands in for a mail service.
 *
 * @shape NewsPage array{addresses: list<Subscriber>, letters: list<Letter>, total: int, more: bool}
 */
final readonly class SubscribersController
{
    private const LONGEST = 200;

    public function index(Request $request): View
    {
        return Screen::show('news', 'Newsletter', self::page($request));
    }

    public function rows(Request $request): JsonResponse
    {
        return new JsonResponse(self::page($request));
    }

    /** Those that were confirmed, as RFC 4180 says. */
    public function csv(): StreamedResponse
    {
        return new StreamedResponse(static function (): void {
            echo "address,confirmed\r\n";
            foreach (Subscribers::confirmed() as $address => $when) {
                echo '"'.str_replace('"', '""', self::harmless($address))."\",$when\r\n";
            }
        }, 200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="newsletter.csv"',
                'Cache-Control' => 'no-store',
            ]);
    }

    public function takeOut(int $subscriber): JsonResponse
    {
        return Subscribers::takeOut($subscriber)
            ? new JsonResponse(['id' => $subscriber])
            : new JsonResponse(['message' => 'This address is off the list already. Nothing was changed.'], 404);
    }

    public function putBack(int $subscriber): JsonResponse
    {
        $address = Subscribers::putBack($subscriber);

        return $address === null
            ? new JsonResponse(
                [
                    'message' => 'This address cannot be put back any more. Nothing was changed; whoever it belongs '
                        .'to can leave it again.',
                ],
                404,
            )
            : new JsonResponse(['address' => $address], 201);
    }

    /**
     * @return array{addresses: list<array<string, mixed>>, letters: list<array<string, mixed>>, total: int, more: bool}
     */
    private static function page(Request $request): array
    {
        $page = Asked::page($request);
        $query = Gate::allows('edit-templates') ? Asked::text($request, 'q', self::LONGEST) : '';
        $outbox = Asked::text($request, 'show', 20) === 'outbox';
        $found = $outbox
            ? Outbox::page($query, $page, PageRows::PAGE)
            : Subscribers::page($query, $page, PageRows::PAGE);

        // Who may only look learns how many there are, not who they are: letters have links in them that work.
        $found['rows'] = Gate::allows('edit-templates') ? $found['rows'] : [];

        return [
            'addresses' => $outbox ? [] : $found['rows'],
            'letters' => $outbox ? $found['rows'] : [],
            'total' => $found['total'],
            'more' => $found['rows'] !== [] && $found['total'] > $page * PageRows::PAGE,
        ];
    }

    /** What a spreadsheet would take for a formula is words. */
    private static function harmless(string $address): string
    {
        return strpbrk($address[0] ?? '', '=+-@') === false ? $address : "'$address";
    }
}
