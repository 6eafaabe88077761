<?php

declare(strict_types=1);

namespace Vestibra\Blocks\FactsTable;

use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;

final readonly class FactsTableBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'facts-table',
            'Facts table',
            Shelf::Show,
            [
                Setting::what('title', 'Title', new Text(80), ''),
                OwnHeading::setting(),
                Setting::what(
                    'which',
                    'Facts',
                    new Choice(['all' => 'all that are filled', 'short' => 'all but long texts']),
                    'short',
                ),
            ],
            searchWords: 'specifications details data table',
            messages: ['fact'],
            headingLevel: 2,
            showsAllFacts: true,
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('title', 'Heading', '.facts-title'),
                Piece::box('row', 'Rows', ':is(th, td)')->withLines(),
                Piece::letters('name', 'Names', 'th'),
                Piece::letters('value', 'Values', 'td'),
                Piece::link('link', 'Links', 'a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $all = $settings->text('which') === 'all';
        $rows = [];
        foreach ($context->product()->facts as $value) {
            $links = self::links($value, $context);
            if ($links !== []
                || ($value->words($context->messages) !== '' && ($all || $value->fact->kind !== FactKind::RichText))) {
                $rows[] = [$value->fact->name, $value->words($context->messages), $links];
            }
        }

        return $rows === []
            ? Composed::absent('no facts are filled in for this product')
            : Composed::shown([
                'title' => $settings->text('title'),
                'rows' => $rows,
                ...OwnHeading::of($settings),
            ]);
    }

    /** @return list<array{words: string, address: string}> where a fact leads: its address, or its files */
    private static function links(FactValue $value, Context $context): array
    {
        if ($value->fact->kind === FactKind::Link) {
            return [[
                'words' => preg_replace('~^(https?://|mailto:|tel:)~i', '', $value->words($context->messages)) ?? '',
                'address' => trim($value->shown[0] ?? ''),
            ]];
        }
        $links = [];
        foreach ($value->fact->kind === FactKind::Files ? $value->numbers() : [] as $id) {
            $file = $context->files[$id] ?? null;
            if ($file !== null) {
                $links[] = ['words' => $file->name, 'address' => $context->addresses->file($file)];
            }
        }

        return $links;
    }
}
