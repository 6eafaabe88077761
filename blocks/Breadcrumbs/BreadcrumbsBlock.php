<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Breadcrumbs;

use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Address;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class BreadcrumbsBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'breadcrumbs',
            'Breadcrumbs',
            Shelf::More,
            [
                Setting::what('home', 'Begin with the shop', new Toggle, true),
                Setting::what('title', 'End with the title', new Toggle, true),
                Setting::how('sign', 'Between them', new Choice(
                    [
                        'angle' => 'an angle ›', 'slash' => 'a slash /', 'dot' => 'a dot ·', 'arrow' => 'an arrow →',
                        'line' => 'a line |', 'none' => 'nothing',
                    ],
                    [
                        'angle' => '"›"', 'slash' => '"/"', 'dot' => '"·"', 'arrow' => '"→"', 'line' => '"|"',
                        'none' => '""',
                    ],
                ), '--way-sign'),
            ],
            searchWords: 'path category way navigation',
            onCards: false,
            messages: ['way'],
            pieces: [
                Piece::link('link', 'Links', 'a'),
                Piece::letters('here', 'This page', '[aria-current]'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $subject = $context->subject;
        $path = match (true) {
            $subject instanceof Product => $subject->mainCategoryId === null
                ? []
                : $context->categories->path($subject->mainCategoryId),
            $subject->kind() === SubjectKind::Category =>
                array_slice($context->categories->path($subject->id()), 0, -1),
            default => [],
        };
        $links = array_map(static fn (Category $category): array => [
            'name' => $category->name,
            'address' => $context->addresses->category($category->slug),
        ], $path);
        if ($settings->bool('home')) {
            array_unshift(
                $links,
                ['name' => $context->messages->say('way.home'), 'address' => $context->addresses->home()],
            );
        }

        return $links === []
            ? Composed::absent("this {$subject->kind()->one()} is in no category")
            : Composed::shown(['links' => $links, 'here' => $settings->bool('title') ? $subject->title() : null]);
    }

    public function says(Composed $composed, Context $context): array
    {
        $links = is_array($composed->data['links']) ? $composed->data['links'] : [];
        if ($composed->data['here'] !== null) {
            $links[] = [
                'name' => $composed->data['here'],
                'address' => $context->addresses->subject($context->subject),
            ];
        }
        $items = [];
        foreach (array_values($links) as $at => $link) {
            if (is_array($link)) {
                $items[] = [
                    '@type' => 'ListItem',
                    'position' => $at + 1,
                    'name' => $link['name'] ?? '',
                    'item' => new Address(is_string($link['address'] ?? null) ? $link['address'] : '/'),
                ];
            }
        }

        return [Said::of($context->subject, StructuredPart::Breadcrumbs, $items)];
    }
}
