<?php

declare(strict_types=1);

namespace App\Outfitting;

use Admek\Core\Files\GearTable;
use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\GearForm;
use Admek\Core\Units\Units;
use App\Models\Boat;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Database\Eloquent\Model;

/**
 * A table of gear beside the locker: what is new, what is changed and what cannot be used, before any of it is kept. A piece is
 * the one of its name; what the table does not tell of it stays.
 */
final readonly class GearImport
{
    private const MOST_SAID = 20;

    /**
     * @param  list<array{line: int, name: string, id: ?int, columns: array<string, mixed>}>  $pieces  that are new or changed
     * @param  list<string>  $same  names of those that are so already
     * @param  list<array{line: int, text: string, reason: string}>  $bad
     * @param  list<string>  $ignored  headings nothing is known of
     */
    private function __construct(public array $pieces, public array $same, public array $bad, public array $ignored)
    {
    }

    /** @throws InvalidValue where nothing in it can be used */
    public static function read(GearForm $form, string $text, Boat $boat, Factory $validators): self
    {
        $table = GearTable::read($form, $text, Units::from($boat->units));

        return self::checked($form, $table->rows, $table->bad, $table->ignored, $boat, $validators);
    }

    /**
     * @param  list<array{line: int, figures: array<string, mixed>}>  $rows
     * @param  list<array{line: int, text: string, reason: string}>  $bad
     * @param  list<string>  $ignored
     */
    public static function checked(
        GearForm $form, array $rows, array $bad, array $ignored, Boat $boat, Factory $validators,
    ): self {
        $known = $boat->{$form->value}()->get()->keyBy(
            static fn (Model $piece): string => mb_strtolower((string) $piece->getAttribute('name')),
        );
        $units = Units::from($boat->units);
        $pieces = $same = $seen = [];
        foreach ($rows as ['line' => $line, 'figures' => $figures]) {
            $name = is_string($figures['name'] ?? null) ? $figures['name'] : '';
            $key = mb_strtolower($name);
            $was = $known->get($key);
            $id = $was instanceof Model ? (int) $was->getKey() : null;
            $is = $was instanceof Model ? self::kept($form, $was) : null;
            $whole = $is === null ? $figures + self::begun($form) : self::altered($form, $is, $figures, $units);
            $check = $validators->make($whole, GearEntry::rules($form, $boat, $id), GearEntry::messages());
            $reason = isset($seen[$key]) ? "It stands on line {$seen[$key]} already." : ($check->errors()->first() ?: null);
            try {
                $columns = $reason === null ? GearEntry::columns($form, $check->validated()) : [];
            } catch (InvalidValue $invalid) {
                [$reason, $columns] = ["{$invalid->field} must be {$invalid->allowed}.", []];
            }
            $seen[$key] ??= $line;
            if ($reason === null && $whole === $is) {
                $same[] = $name;
            } elseif ($reason === null) {
                $pieces[] = ['line' => $line, 'name' => $name, 'id' => $id, 'columns' => $columns];
            } else {
                $bad[] = ['line' => $line, 'text' => mb_substr($name, 0, 60), 'reason' => $reason];
            }
        }
        usort($bad, static fn (array $a, array $b): int => $a['line'] <=> $b['line']);

        return new self($pieces, $same, $bad, $ignored);
    }

    public function keep(GearForm $form, Boat $boat): void
    {
        foreach ($this->pieces as ['id' => $id, 'columns' => $columns]) {
            $id === null
                ? $boat->{$form->value}()->create($columns)
                : $boat->{$form->value}()->findOrFail($id)->update($columns);
        }
    }

    /** @return list<string> */
    public function names(bool $new): array
    {
        return array_values(array_map(
            static fn (array $piece): string => $piece['name'],
            array_filter($this->pieces, static fn (array $piece): bool => ($piece['id'] === null) === $new),
        ));
    }

    /**
     * @return array{
     *     added: list<string>, changed: list<string>, same: int, bad: list<array{line: int, text: string, reason: string}>,
     *     bad_rows: int, ignored: list<string>,
     * }
     */
    public function told(): array
    {
        return [
            'added' => $this->names(new: true), 'changed' => $this->names(new: false), 'same' => count($this->same),
            'bad' => array_slice($this->bad, 0, self::MOST_SAID), 'bad_rows' => count($this->bad), 'ignored' => $this->ignored,
        ];
    }

    /** @return array<string, mixed> */
    private static function kept(GearForm $form, Model $was): array
    {
        $kept = ['name' => $was->getAttribute('name')];
        foreach ($form->fields() as $field) {
            $kept[$field->key] = $was->getAttribute($field->key);
        }

        return $kept;
    }

    /**
     * @param  array<string, mixed>  $is  as the piece is
     * @param  array<string, mixed>  $figures  as a row tells them
     * @return array<string, mixed> as it is to be
     */
    private static function altered(GearForm $form, array $is, array $figures, Units $units): array
    {
        foreach ($form->fields() as $field) {
            $told = array_key_exists($field->key, $figures);
            if ($told && GearTable::tellsAlike($field, $figures[$field->key], $is[$field->key], $units)) {
                unset($figures[$field->key]);
            }
        }

        return array_replace($is, $figures);
    }

    /** @return array<string, mixed> */
    private static function begun(GearForm $form): array
    {
        $begun = [];
        foreach ($form->fields() as $field) {
            $begun[$field->key] = $field->start === '' ? null : $field->start;
        }

        return $begun;
    }
}
