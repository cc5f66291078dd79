<?php

declare(strict_types=1);

namespace Nessmark\School;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Errors\InputRefused;
use Nessmark\Meat\Cut;
use Nessmark\Method\Method;

/** All the schools, and what a house that has chosen among them asks of a ticket that leaves it open. */
final readonly class Schools
{
    /** @param  list<School>  $schools */
    private function __construct(public array $schools) {}

    public static function from(DataFolder $folder): self
    {
        return new self(
            array_map(
                static fn (Record $record): School => School::fromRecord($record),
                $folder->read('schools.json')->records('schools'),
            ),
        );
    }

    /** @throws InputRefused if there is none of that name */
    public function school(string $id): School
    {
        foreach ($this->schools as $school) {
            if ($school->id === $id) {
                return $school;
            }
        }
        throw InputRefused::one('school', 'not_allowed', $id, 'one_of', [
            'choices' => implode(', ', array_map(static fn (School $school): string => $school->id, $this->schools)),
        ]);
    }

    /**
     * @param  array<string, string>  $chosen  option by school; the default where there is none
     * @return array<string, string> those that bear on this cut and method, as they are followed
     */
    public function followed(Cut $cut, Method $method, array $chosen): array
    {
        $followed = [];
        foreach ($this->schools as $school) {
            if ($school->bearsOn($cut, $method)) {
                $followed[$school->id] = $chosen[$school->id] ?? $school->default;
            }
        }

        return $followed;
    }

    /**
     * @param  array<string, string>  $chosen
     * @return array<string, mixed> what the house's own choices ask, in the keys of an ask; a default asks nothing, since the program
     *     does so anyway
     */
    public function asked(Cut $cut, Method $method, array $chosen): array
    {
        /** @var array<string, mixed> $asked */
        $asked = [];
        foreach ($this->schools as $school) {
            if (isset($chosen[$school->id]) && $school->bearsOn($cut, $method)) {
                /** @var array<string, mixed> $asked */
                $asked = array_replace_recursive($asked, $school->asks($chosen[$school->id]));
            }
        }

        return $asked;
    }
}
