<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Messages;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Messages\Messages;

/** Everything that customers read is a message, and every message is in every language. */
final class ListsTest extends TestCase
{
    /** Views for the owner, in the Studio's language. */
    private const FOR_THE_OWNER = ['parts/tag.blade.php'];

    public function test_the_languages_have_the_same_messages_with_the_same_values(): void
    {
        self::assertSame(array_keys(self::list('en')), array_keys(self::list('de')));
        foreach (self::list('en') as $key => $english) {
            $german = self::list('de')[$key];
            [$one, $other] = [Messages::takes($english), Messages::takes($german)];
            sort($one);
            sort($other);
            self::assertSame($one, $other, $key);
            foreach (['en_GB' => $english, 'de_DE' => $german] as $locale => $pattern) {
                self::assertTrue(Messages::isGood($locale, $pattern, $pattern), "$key in $locale");
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function views(): iterable
    {
        foreach (['blocks', 'shop/views'] as $folder) {
            foreach (self::files($folder, '.blade.php') as $name => $code) {
                if (! in_array(substr($name, strlen('shop/views/')), self::FOR_THE_OWNER, true)) {
                    yield $name => [$code];
                }
            }
        }
    }

    #[DataProvider('views')]
    public function test_a_view_prints_no_words_of_its_own(string $code): void
    {
        self::assertSame([], self::words($code));
    }

    public function test_the_look_for_words_finds_them(): void
    {
        self::assertSame(['Sold out'], self::words('<p class="a">Sold out {{ $x }}</p>'));
        self::assertSame(['aria-label="Back"'], self::words('<a aria-label="Back">‹</a>'));
        self::assertSame(["'Sold out'"], self::words("<p>{{ \$x ? 'Sold out' : '' }}</p>"));
        self::assertSame(['Now'], self::words('<p>@if ($d[\'now\'])Now @endif</p>'));
        self::assertSame([], self::words('<p @class([\'a\' => $b])>{{ $say(\'a.b\') }}</p>'));
    }

    public function test_what_runs_in_the_shop_has_no_words_of_its_own(): void
    {
        foreach ([...self::files('blocks', '.ts'), ...self::files('shop', '.ts')] as $name => $code) {
            self::assertDoesNotMatchRegularExpression(
                '/(textContent\s*=|append\(|setAttribute\(\'(aria-label|title|alt)\',)[^;]*[\'"`][A-Za-z]+ '
                    .'?[a-z]*[.…]?[\'"`]\)?;/u',
                preg_replace('/querySelector\w*\([^)]*\)/', '', $code) ?? '',
                $name,
            );
        }
    }

    public function test_every_message_that_is_asked_for_exists_and_every_one_is_asked_for(): void
    {
        $code = '';
        foreach (['blocks', 'shop/views', 'app', 'core'] as $folder) {
            $code .= implode('', self::files($folder, '.php'));
        }
        preg_match_all('/say\(\s*[\'"]([a-z-]+\.[a-z0-9-]+)[\'"]/', $code, $asked);
        self::assertSame([], array_values(array_diff($asked[1], array_keys(self::list('en')))));
        preg_match_all('/["\']([a-z-]+)\.[\'$]/', $code, $families);
        $unused = array_filter(array_keys(self::list('en')), static fn (string $key): bool =>
            ! str_contains($code, "'$key'")
            && ! in_array(explode('.', $key)[0], $families[1], true));
        self::assertSame([], array_values($unused));
    }

    public function test_a_block_says_which_families_it_speaks_from(): void
    {
        $families = array_unique(
            array_map(static fn (string $key): string => explode('.', $key)[0], array_keys(self::list('en'))),
        );
        foreach (Kinds::composer()->schema->all() as $definition) {
            $folder = str_replace(' ', '', ucwords(str_replace('-', ' ', $definition->kind)));
            $code = implode('', self::files("blocks/$folder", '.php'));
            $code .= str_contains($code, 'shop::parts.card')
                ? self::files('shop/views/parts', '.php')['shop/views/parts/card.blade.php']
                : '';
            preg_match_all(
                '/say\([^()]*?[\'"]([a-z-]+)\.[a-z0-9$-]+[\'"]|Setting::words\([^;]*?\'([a-z-]+)\.[a-z-]+\'/',
                $code,
                $found,
            );
            $spoken = array_intersect(array_unique(array_filter([...$found[1], ...$found[2]])), $families);
            self::assertSame([], array_values(array_diff($spoken, $definition->messages)), $definition->kind);
            self::assertSame([], array_values(array_diff($definition->messages, $families)), $definition->kind);
        }
    }

    /** @return list<string> words that are not from a message */
    private static function words(string $code): array
    {
        preg_match_all('/\s(?:aria-label|title|alt|placeholder|label)="[^"{@]*\p{L}[^"]*"/u', $code, $attributes);
        preg_match_all('/\{\{.*?\}\}/s', $code, $printed);
        preg_match_all(
            '/\'\p{Lu}[^\'\\\\]*\'/u',
            preg_replace('/PHP_\w+|\'[A-Z]\'/', '', implode(' ', $printed[0])) ?? '',
            $strings,
        );
        $bare = preg_replace(
            [
                '/\{\{.*?\}\}|\{!!.*?!!\}/s',
                '/@(extends|section|include|inject|yield|vite|class|checked|selected|foreach|'
                    .'forelse|for|if|elseif|isset|php|switch|case)\b\s*(\((?:[^()]++|(?2))*\))/s',
                '/@(else|endif|endforeach|endforelse|endfor|endisset|empty|endsection|endphp)\b/',
                '~<(script|style)\b.*?</\1>~s',
                '~<[^>]*>~s',
                '/&[a-z]+;/',
            ],
            ' ',
            $code,
        )
            ?? '';
        preg_match_all('/\p{L}[\p{L} ]*/u', $bare, $text);

        return array_map(trim(...), [...$attributes[0], ...$strings[0], ...$text[0]]);
    }

    /** @return array<string, string> */
    private static function list(string $language): array
    {
        /** @var array<string, string> $list */
        $list = require self::root()."/shop/messages/$language.php";

        return $list;
    }

    /** @return array<string, string> path from the project => what stands in it */
    private static function files(string $folder, string $ending): array
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(self::root()."/$folder", FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            /** @var SplFileInfo $file */
            if (str_ends_with($file->getFilename(), $ending)) {
                $files[substr($file->getPathname(), strlen(self::root()) + 1)] = (string) file_get_contents($file
                    ->getPathname());
            }
        }

        return $files;
    }

    private static function root(): string
    {
        return dirname(__DIR__, 3);
    }
}
