<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\Core\Problem;

/** Problems in the shopkeeper's words: what happened, what was kept, what to do. The one place for them. */
final class ProblemWords
{
    private const WORDS = [
        'tree.not-an-object' => 'This is not a template as Vestibra writes it. Nothing was changed; check that the whole text was copied.',
        'tree.unknown-format' => 'This template was written in a format that this Vestibra does not know (it knows {known}). Nothing was changed; a newer Vestibra may read it.',
        'tree.not-a-page' => 'A template has to begin with a page, and this one begins with “{kind}”. Nothing was changed.',
        'tree.too-deep' => 'Blocks can be put into one another {most} deep at most. Nothing was changed; take something out of its holder first.',
        'tree.too-many' => 'A template can hold {most} blocks at most. Nothing was changed; take some out first.',
        'tree.unknown-kind' => 'There is no kind of block called “{kind}”. Nothing was changed.',
        'tree.does-not-belong' => '“{kind}” cannot stand in “{parent}”. Nothing was moved; choose another place.',
        'tree.unknown-part' => 'A block has no part called “{part}”. Nothing was changed.',
        'tree.unknown-width' => 'There is no width called “{width}”; there are desktop, tablet and phone. Nothing was changed.',
        'tree.unknown-setting' => 'The block “{kind}” has no setting called “{setting}”. Nothing was changed.',
        'tree.bad-id' => 'A block has an id that is not made of small letters and digits. Nothing was changed.',
        'tree.id-twice' => 'Two blocks have the id “{id}”. Nothing was changed.',
        'tree.not-a-list' => 'Where a list of blocks should be there is something else. Nothing was changed.',
        'setting.not-text' => '“{setting}” takes words. The value before was kept.',
        'setting.text-too-long' => 'The words for “{setting}” are too long. The words before were kept; shorten them and try again.',
        'setting.not-yes-or-no' => '“{setting}” takes yes or no. The value before was kept.',
        'setting.not-a-choice' => '“{setting}” does not offer this choice. The value before was kept.',
        'setting.not-a-whole-number' => '“{setting}” takes a whole number. The value before was kept.',
        'setting.number-outside' => 'The number for “{setting}” is outside its limits. The value before was kept.',
        'setting.not-a-colour' => '“{setting}” takes a colour of the house style or one written as #rrggbb. The value before was kept.',
        'setting.not-a-step' => '“{setting}” takes one of the distances of the house style. The value before was kept.',
        'setting.not-a-picture' => '“{setting}” takes one of the shop’s pictures. The value before was kept.',
        'setting.no-widths' => 'A block has to appear on at least one width. To take it off everywhere, switch it off.',
        'password.too-short' => 'A password has {least} characters at least. Nothing was changed; a few words in a row are easy to keep in mind.',
        'password.too-long' => 'A password has {most} bytes at most. Nothing was changed.',
        'password.easy' => 'This password is among the first that anybody would try. Nothing was changed; choose another.',
        'password.own-name' => 'A password that is little more than one’s own name or address is easy to guess. Nothing was changed; choose another.',
        'account.no-address' => '“{email}” is no e-mail address. Nobody was added.',
        'account.no-name' => 'Say what they are called: “vestibra:user add you@example.org "Your name"”. Nobody was added.',
        'account.there-already' => 'There is an account with the address {email} already. Nothing was changed; “password”, “role”, “close” and “open” change it.',
        'account.unknown-role' => 'The role is {roles}. Nothing was changed.',
        'account.last-owner' => '{name} is the only owner. Make somebody else an owner first; nothing was changed.',
        'account.unknown-word' => 'Say what to do: add, password, role, close, open or list. Nothing was changed.',
        'part.too-many' => 'A shop can keep {most} parts at most. Let go of one that is not used; nothing was changed.',
        'picture.none' => '{name} is no picture, whatever it is called. Nothing was taken in; choose a JPEG, PNG, WebP or AVIF picture.',
        'picture.damaged' => '{name} is damaged or did not arrive whole. It was not taken in; open it once to see, and try again.',
        'picture.kind' => '{name} is a picture of a kind that cannot be shown everywhere. Nothing was taken in; choose JPEG, PNG, WebP or AVIF.',
        'picture.too-heavy' => '{name} is larger than 15 MB. Nothing was taken in; save it smaller and try again.',
        'picture.too-large' => '{name} has {width} by {height} pixels, more than can be worked on. Nothing was taken in; make it smaller, 4,000 pixels wide are plenty.',
        'picture.no-room' => 'There is no room left for pictures, so {name} was not taken in. Everything else is as it was; make room on the machine and try again.',
        'fact.no-name' => 'Give the fact a name, as “Drying time”. Nothing was changed.',
        'fact.name-taken' => 'There is a fact called “{name}” already. Choose another name; nothing was changed.',
        'fact.unknown-kind' => 'A fact takes text, rich text, a number, yes or no, a day, a choice or several texts. Nothing was changed.',
        'fact.no-choices' => 'Say what can be chosen, one a line. Nothing was changed.',
        'fact.too-many' => 'A shop can have {most} facts at most. Delete one that is not used; nothing was changed.',
        'fact.gone' => 'This fact was deleted meanwhile. Nothing was changed.',
        'setting.not-a-width' => '“{setting}” takes the whole place, as much as its content, a share up to 100 % or a width up to 2,000 px. The value before was kept.',
        'setting.not-a-link' => '“{setting}” takes a page of the shop, as /c/inks, or an address that begins with https, http, mailto or tel. The value before was kept.',
        'setting.not-a-number-of' => '“{setting}” takes one of those that the shop has. The value before was kept.',
        'setting.not-numbers' => '“{setting}” takes a few of those that the shop has, each once. Those before were kept.',
        'setting.not-products' => '“{setting}” takes up to 24 products of the shop, each once. The products before were kept.',
        'setting.not-conditions' => '“{setting}” takes up to ten conditions on the product. The conditions before were kept.',
        'setting.not-days' => '“{setting}” takes days of the calendar. The days before were kept.',
        'setting.days-end-first' => '“{setting}” ends before it begins. The days before were kept.',
        'setting.unknown-source' => '“{setting}” cannot come from there. The value before was kept.',
        'edit.not-an-edit' => 'The change that was sent could not be understood. Nothing was changed; reload the page and try again.',
        'edit.unknown' => 'There is no such kind of change. Nothing was changed; reload the page and try again.',
        'edit.gone' => 'The block is not there any more: somebody, or another window, has taken it out. Nothing else was changed, and the page now shows how it stands.',
        'edit.there-already' => 'This block is there already. Nothing was changed.',
        'edit.not-the-page' => 'The page itself cannot be moved or taken out. Nothing was changed.',
        'edit.into-itself' => 'A block cannot be put into itself. Nothing was moved.',
        'edit.other-author' => 'Somebody else is signed in here now. Nothing was sent under their name; it is kept in this browser.',
        'edit.nothing-to-undo' => 'There is nothing of yours to take back here.',
        'edit.nothing-to-redo' => 'There is nothing to do again here.',
        'undo.impossible' => 'What this step changed is not there any more. Nothing was changed.',
        'undo.passed-over' => '“{words}” cannot be taken back any more: somebody has taken out what it changed. It was passed over; nothing was changed.',
        'redo.passed-over' => '“{words}” cannot be done again any more: somebody has taken out what it changed. It was passed over; nothing was changed.',
        'undo.in-part' => '“{words}” was taken back only in part: somebody has taken out some of what it changed.',
        'conflict.same-setting' => '{name} set this to something else meanwhile. Theirs is kept; yours is still here.',
        'conflict.same-place' => '{name} moved this block somewhere else meanwhile. It stands where they put it.',
        'conflict.removes-newer' => '{name} worked inside this block meanwhile. It was not taken out.',
        'conflict.reach' => '{name} changed where it appears meanwhile. Theirs is kept; yours is still here.',
        'conflict.replaced' => '{name} replaced the whole page meanwhile. Your change was not made.',
        'edit.too-many' => 'So many changes cannot be made in one go. Nothing was changed.',
        'reach.not-an-object' => 'The rule could not be understood. The rule before was kept.',
        'reach.unknown-format' => 'The rule was written in a format that this Vestibra does not know. The rule before was kept.',
        'reach.unknown-part' => 'A rule has no part called “{part}”. The rule before was kept.',
        'reach.keep-off-everything' => 'A “keep off” needs at least one condition, or the template would appear nowhere. The rule before was kept.',
        'reach.not-a-list' => 'The rule could not be understood. The rule before was kept.',
        'reach.too-many-clauses' => 'A rule can have {most} alternatives at most. The rule before was kept.',
        'reach.too-many-conditions' => 'An alternative can have {most} conditions at most. The rule before was kept.',
        'reach.not-a-condition' => 'A condition could not be understood. The rule before was kept.',
        'reach.unknown-comparison' => 'There is no condition “{field} {comparison}”. The rule before was kept.',
        'reach.too-many-values' => 'A condition can name {most} things at most. The rule before was kept.',
        'reach.not-an-id' => 'A condition on “{field}” names something that is not in the catalogue’s form. The rule before was kept.',
        'reach.no-values' => 'Say which {field} is meant: a condition needs at least one. The rule before was kept.',
        'reach.values-not-taken' => 'A condition “{field} {comparison}” names nothing. The rule before was kept.',
        'reach.not-yes-or-no' => '“Goes first” is yes or no. The rule before was kept.',
        'reach.not-a-season' => 'The season could not be understood. Write days as 2026-12-31. The season before was kept.',
        'reach.ends-before-it-starts' => 'The season would end before it starts. The season before was kept.',
        'reach.fact-does-not-compare' => 'This fact cannot be compared that way, or is not there any more. The rule before was kept.',
        'reach.not-a-number' => 'A condition on “{field}” needs a number within its limits. The rule before was kept.',
        'reach.min-above-max' => 'In the condition on “{field}” the lower end is above the upper one. The rule before was kept.',
        'reach.not-a-date' => 'A condition on “{field}” needs a day, as 2026-12-31. The rule before was kept.',
        'reach.no-words' => 'A condition on “{field}” needs at least one word of up to 200 characters. The rule before was kept.',
        'reach.not-a-page-kind' => 'There is no such kind of page. The rule before was kept.',
        'publish.changed-since' => '“{name}” was changed after you looked at what publishing would do. Nothing was published; look again and publish then.',
        'publish.nothing' => 'Draft and live are the same. There is nothing to publish.',
        'publish.time-past' => 'That time is not to come any more. Nothing was kept; choose a later one.',
        'publish.without-nothing' => '“{name}” would be shown on no page. Say where it appears first, or publish it all the same.',
        'publish.without-price' => '“{name}” shows no price.',
        'publish.without-buy' => '“{name}” has no way to buy.',
        'release.template-gone' => 'The template “{name}” is not there any more. Nothing was changed.',
        'release.page-gone' => 'This product is not there any more. Nothing was changed.',
        'release.not-live' => '“{name}” is not live, so there is nothing to take off.',
        'release.fallback-not-live' => '“{name}” has to be live before it can take what no rule takes. Publish it first.',
        'release.order-twice' => 'A template stands in this order twice. Nothing was changed; reload the page and try again.',
        'release.not-done' => 'Only a release that was made can be brought back.',
        'release.not-waiting' => 'This release does not wait any more. Nothing was changed; reload the page to see how it stands.',
        'release.broke' => 'It failed when its time came, and nothing of it was done. Publish it again, or tell whoever keeps the shop.',
        'template.live' => '“{name}” is live. Take it off first; then it can be deleted.',
        'template.pinned' => 'Products are pinned to “{name}”. Unpin them first; nothing was deleted.',
        'template.waits' => 'A release that waits holds “{name}”. Call it off first; nothing was deleted.',
        'release.fallback' => '“{name}” takes every page that no rule takes, so it has to stay live. Nothing was changed.',
        'import.not-a-template' => 'This is no template as Vestibra writes it, or too large. Nothing was taken in.',
        'import.page-kind' => 'Only templates of product pages can be taken in. Nothing was changed.',
        'walk.not-a-time' => 'That time could not be understood. Choose a day.',
        'part.in-part' => 'A shared part cannot stand in another part. Place it as a copy there, or beside it. Nothing was changed.',
        'part.own-in-own' => 'A product’s own blocks cannot stand in themselves. Nothing was changed.',
        'part.no-reach' => 'A part has no rules of its own: it appears wherever it was placed. Nothing was changed.',
        'part.not-alone' => 'Columns, tabs and folds cannot be kept alone. Keep what holds them.',
        'part.stands' => 'It is shared by {where}. Take it out there first, or make it a copy there; nothing was changed.',
        'file.kind' => '“{name}” is no file that can be offered: PDF, plain text, CSV, EPUB, ZIP, an office document or a picture. It was not taken in.',
        'file.too-heavy' => '“{name}” is larger than {most}. It was not taken in; make it smaller and try again.',
        'file.empty' => '“{name}” is empty, or did not arrive whole. It was not taken in; try again.',
        'file.no-room' => 'There is no room left on the server’s disk for “{name}”. It was not taken in; nothing else was lost.',
        'file.no-use' => 'It was not said what the file is for. It was not taken in.',
        'file.gone' => 'This file is gone. Nothing was changed.',
        'file.used' => 'It is used by {where}. Take it out there first; nothing was deleted.',
        'film.kind' => '“{name}” is no film that browsers play. Save it as MP4 or WebM and try again; it was not taken in.',
        'film.no-pictures' => '“{name}” holds sound but no pictures. It was not taken in; choose the film itself.',
        'captions.kind' => '“{name}” holds no captions. They come as a WebVTT file: its first line is WEBVTT. It was not taken in.',
        'template.not-empty' => 'There are blocks on this page already. Take them out first, or make a new template from the start; nothing was changed.',
        'template.unknown-start' => 'There is no such start. Choose one of those shown.',
    ];

    public static function of(Problem $problem): string
    {
        $values = [];
        foreach ($problem->values as $name => $value) {
            $values["{{$name}}"] = (string) $value;
        }

        return strtr(self::WORDS[$problem->code] ?? 'Something was not as it should be. Nothing was changed.', $values);
    }

    /**
     * @param  non-empty-list<Problem>  $problems
     * @return array{message: string, problems: list<array{code: string, path: string, message: string}>}
     */
    public static function answer(array $problems): array
    {
        return [
            'message' => self::of($problems[0]),
            'problems' => array_map(static fn (Problem $problem): array => [
                'code' => $problem->code,
                'path' => $problem->path,
                'message' => self::of($problem),
            ], $problems),
        ];
    }
}
