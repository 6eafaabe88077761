<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Shop\Reviews;
use Vestibra\Core\Messages\Messages;

/**
 * Takes a customer's review. It waits until the owner has read it; a machine that fills in the hidden field is thanked
 * and forgotten.
 */
final readonly class ReviewController
{
    private const MOST_AN_HOUR = 3;

    private const MOST_NAME = 60;

    private const MOST_WORDS = 2000;

    public function __construct(
        private Reviews $reviews,
        private Messages $messages,
    ) {
    }

    public function __invoke(Request $request, string $slug): RedirectResponse
    {
        $productId = Product::query()->toBase()->where('slug', $slug)->where('published', true)->value('id');
        if (! is_int($productId)) {
            abort(404);
        }
        $back = '/p/'.rawurlencode($slug).'#reviews';
        if (Asked::text($request, 'website') !== '') {
            return redirect($back)->with('reviewSaid', $this->messages->say('reviews.thanks'));
        }
        $author = Asked::text($request, 'author', 2 * self::MOST_NAME);
        $words = Asked::text($request, 'words', 2 * self::MOST_WORDS);
        $stars = Asked::number($request, 'stars', 0, 0, 6);
        $wrong = match (true) {
            $author === '' => 'no-name',
            mb_strlen($author) > self::MOST_NAME => 'long-name',
            $stars < 1 || $stars > 5 => 'no-stars',
            mb_strlen($words) > self::MOST_WORDS => 'long-words',
            preg_match_all('~https?://|www\.~i', $words) > 1 => 'addresses',
            RateLimiter::tooManyAttempts('review:'.$request->ip(), self::MOST_AN_HOUR) => 'too-many',
            default => null,
        };
        if ($wrong !== null) {
            return redirect($back)
                ->withErrors(['review' => $this->messages->say("reviews.$wrong")])
                ->withInput(['author' => $author, 'stars' => $stars, 'words' => $words]);
        }
        RateLimiter::hit('review:'.$request->ip(), 3600);
        $this->reviews->write($productId, $stars, $author, $words);

        return redirect($back)->with('reviewSaid', $this->messages->say('reviews.thanks'));
    }
}
