<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Catalogue\FoldedName;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Group;
use Nessmark\Safety\Profile;
use Nessmark\Seasoning\Cure;
use Nessmark\Seasoning\Kind;
use Nessmark\Seasoning\Shelf;

/** Reads a seasoning of a shop's own: amounts of ingredients, or of other seasonings, by weight. */
final readonly class RecipeReader
{
    private const MOST_PARTS = 40;

    private const HEAVIEST_G = 100_000.0;

    private const MOST_IN_A_FILE = 500;

    private function __construct(private Cure $cure) {}

    public static function from(DataFolder $folder): self
    {
        return new self(Cure::from($folder));
    }

    /**
     * @param  mixed  $data  name, kind, g_per_kg, strength, groups, parts (of, g), target_salt_pct, price_per_kg, cure_use, slug
     * @return Record in the form of the shipped ones
     *
     * @throws InputRefused naming every key that is wrong; for curing salt over what the profile allows
     */
    public function read(mixed $data, Shelf $shelf, Profile $profile): Record
    {
        $in = Fields::of($data);
        $name = trim($in->text('name', 'name', 60, ['min' => 3, 'max' => 60]));
        if (mb_strlen($name) < 3 && ! $in->isWrong()) {
            $in->refuse('name', 'out_of_range', $name, 'name', ['min' => 3, 'max' => 60]);
        }
        $slug = $in->has('slug') ? $in->text('slug', 'slug', 80) : 'own-'.str_replace(' ', '-', FoldedName::of($name)->text);
        if (preg_match('/^[a-z0-9][a-z0-9-]*$/', $slug) !== 1 || ($shelf->knows($slug) && ! $shelf->seasoning($slug)->isOwn)) {
            $in->refuse($in->has('slug') ? 'slug' : 'name', 'conflict', $slug, 'name_of_its_own');
        }
        $recipe = [
            'slug' => $slug,
            'name' => $name,
            'kind' => $in->choice('kind', array_column(Kind::cases(), 'value')),
            'g_per_kg' => $in->number('g_per_kg', 0.1, 3000.0, 'range', ['min' => 0.1, 'max' => 3000]),
            'groups' => $in->choices('groups', array_column(Group::cases(), 'value')),
            'strength' => $in->has('strength') ? $in->wholeNumber('strength', 1, 3) : 1,
            'parts' => $this->parts($in, $shelf, $slug),
        ];
        $target = $in->optionalNumber('target_salt_pct', 0.1, 6.0, 'range', ['min' => 0.1, 'max' => 6]);
        $use = $in->optionalChoice('cure_use', Cure::USES);
        $price = $in->optionalNumber('price_per_kg', 0.0, 1000.0, 'money');
        $isBrine = in_array($recipe['kind'], [Kind::WetBrine->value, Kind::TimedBrine->value], true);
        if ($isBrine && $target === null && ! $in->isWrong()) {
            $in->refuse('target_salt_pct', 'missing', null, 'range', ['min' => 0.1, 'max' => 6]);
        }
        $in->noOthers();
        $in->refuseIfWrong();
        $record = new Record(
            [
                ...$recipe,
                ...$target === null ? [] : ['target_salt_pct' => $target],
                ...$price === null ? [] : ['price_per_kg' => $price],
                ...$use === null ? [] : ['cure_use' => $use],
            ],
            $slug,
        );
        $kept = $shelf->with([$record]);
        foreach ($kept->all() as $seasoning) {
            // it, and whatever of the shop's own is made of it, however deep
            if ($seasoning->slug === $slug || ($seasoning->isOwn && $kept->isMadeOf($seasoning->slug, $slug))) {
                $this->cure->check($seasoning, $profile);
            }
        }

        return $record;
    }

    /**
     * @return list<array{of: string, g: float}>
     */
    private function parts(Fields $in, Shelf $shelf, string $slug): array
    {
        $parts = [];
        foreach ($in->objects('parts', 1, self::MOST_PARTS) as $i => $part) {
            $of = $part->text('of', 'ingredient', 80);
            if ($of !== '' && $shelf->ingredient($of) === null && ! $shelf->knows($of)) {
                $part->refuse('of', 'not_allowed', $of, 'ingredient');
            }
            if ($of === $slug || ($shelf->knows($of) && $shelf->isMadeOf($of, $slug))) {
                $part->refuse('of', 'conflict', $of, 'not_itself');
            }
            $parts[] = [
                'of' => $of,
                'g' => $part->number('g', 0.001, self::HEAVIEST_G, 'range', ['min' => 0.001, 'max' => self::HEAVIEST_G]),
            ];
            $part->noOthers();
        }

        return $parts;
    }

    /**
     * A file of them: all, or none and every error by its row.
     *
     * @param  list<mixed>  $recipes
     * @return list<Record>
     *
     * @throws InputRefused naming the rows
     */
    public function readAll(array $recipes, Shelf $shelf, Profile $profile, int $firstRow = 1): array
    {
        if ($recipes === [] || count($recipes) > self::MOST_IN_A_FILE) {
            throw InputRefused::one('seasonings', 'out_of_range', count($recipes), 'count', [
                'min' => 1,
                'max' => self::MOST_IN_A_FILE,
            ]);
        }
        $records = $violations = [];
        foreach ($recipes as $i => $recipe) {
            try {
                $records[] = $record = $this->read($recipe, $shelf, $profile);
                $shelf = $shelf->with([$record]);
            } catch (InputRefused $refused) {
                foreach ($refused->violations as $violation) {
                    $violations[] = $violation->under((string) ($firstRow + $i));
                }
            }
        }
        if ($violations !== []) {
            throw InputRefused::because(array_slice($violations, 0, InputRefused::MOST_SAID));
        }

        return $records;
    }
}
