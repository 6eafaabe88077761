<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\RateLimiter;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Shop\News\Subscribers;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;

/** Takes addresses for letters from the shop. A machine that fills in the hidden field is thanked and forgotten. */
final readonly class NewsController
{
    private const MOST_LETTERS = 200;

    private const MOST_AN_HOUR = 6;

    public function __construct(
        private Subscribers $subscribers,
        private Messages $messages,
    ) {
    }

    public function ask(Request $request): RedirectResponse
    {
        $address = Asked::text($request, 'address', self::MOST_LETTERS + 1);
        $words = match (true) {
            mb_strlen($address) > self::MOST_LETTERS,
            filter_var($address, FILTER_VALIDATE_EMAIL) === false => $this->messages->say('news.wrong', [
                'address' => mb_strimwidth($address, 0, 60, '…'),
            ]),
            RateLimiter::tooManyAttempts('news:'.$request->ip(), self::MOST_AN_HOUR) => $this->messages
                ->say('news.too-many'),
            default => null,
        };
        if ($words === null) {
            if (Asked::text($request, 'website') === '') {
                RateLimiter::hit('news:'.$request->ip(), 3600);
                $this->subscribers->ask($address);
            }
            $words = $this->messages->say('news.asked', ['address' => $address]);
        }

        return back(fallback: '/')->with('said', $words);
    }

    /** What following a link asks; machines that look into letters follow links too, and change nothing by it. */
    public function show(int $subscriber, string $mark, string $what): RedirectResponse|Response
    {
        $address = Subscribers::asks($what, $subscriber, $mark);

        return $address === null
            ? $this->answer(null, '')
            : response()->view('shop::news', [
                'standsOn' => PageKind::Cart,
                'title' => $this->messages->say("news.$what", ['address' => $address]),
                'does' => $this->messages->say("news.$what-button"),
            ], 200, ['X-Robots-Tag' => 'noindex']);
    }

    public function confirm(int $subscriber, string $mark): RedirectResponse
    {
        return $this->answer($this->subscribers->confirm($subscriber, $mark), 'news.confirmed');
    }

    public function leave(int $subscriber, string $mark): RedirectResponse
    {
        return $this->answer($this->subscribers->leave($subscriber, $mark), 'news.left');
    }

    private function answer(?string $address, string $says): RedirectResponse
    {
        return redirect('/')->with(
            'said',
            $address === null ? $this->messages->say('news.old') : $this->messages->say($says, ['address' => $address]),
        );
    }
}
