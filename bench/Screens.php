<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Vestibra\Core\Pages\PageKind;

/** The addresses of the Studio that may be screens, with what the shop has in the place of their parameters. */
final class Screens
{
    /** Whose templates open a drawing table each. */
    private const DRAWN = [PageKind::Product, PageKind::Category, PageKind::Header, PageKind::Card];

    /** @return list<string> */
    public static function addresses(): array
    {
        $addresses = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if ($route->methods()[0] === 'GET'
                && str_starts_with($route->uri(), 'studio/')
                && $route->uri() !== 'studio/sign-in') {
                array_push($addresses, ...self::filled($route));
            }
        }

        return array_values(array_unique($addresses));
    }

    /** @return list<string> one for each way in which its parameters can be filled */
    private static function filled(Route $route): array
    {
        $addresses = ['/'.$route->uri()];
        foreach ($route->parameterNames() as $name) {
            $next = [];
            foreach ($addresses as $address) {
                foreach (self::values($name, $address) as $value) {
                    $next[] = (string) preg_replace('/\{'.$name.'\??\}/', (string) $value, $address);
                }
            }
            $addresses = $next;
        }

        return $addresses;
    }

    /** @return list<int|string> */
    private static function values(string $name, string $address): array
    {
        return match ($name) {
            'thing' => ['category', 'collection', 'brand', 'tag', 'option'],
            'ordered' => ['category', 'collection'],
            'template' => array_map(
                static fn (PageKind $kind): int =>
                    self::first('templates', ['page_kind' => $kind->value, 'let_go_at' => null]),
                self::DRAWN,
            ),
            'productId', 'subjectId' => [self::first('products')],
            'pageKind' => [PageKind::Product->value, PageKind::Category->value],
            'slug' => [(string) DB::table(str_contains($address, '/product/') ? 'products' : 'categories')
                ->where('published', true)
                ->orderBy('id')
                ->value('slug')],
            'thingId' => [self::first(match (true) {
                str_contains($address, '/collection/') => 'collections',
                str_contains($address, '/brand/') => 'brands',
                str_contains($address, '/tag/') => 'tags',
                str_contains($address, '/option/') => 'options',
                default => 'categories',
            })],
            default => [],
        };
    }

    /** @param  array<string, mixed>  $where */
    private static function first(string $table, array $where = []): int
    {
        return (int) DB::table($table)->where($where)->min('id');
    }
}
