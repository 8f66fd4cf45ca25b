<?php

declare(strict_types=1);

namespace App\Files;

use Admek\Core\InvalidValue;
use Admek\Core\Tackle\Catalogue\GearForm;
use App\Models\Boat;
use App\Models\Holder;
use App\Outfitting\BoatChange;
use App\Outfitting\GearImport;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Database\Eloquent\Model;

/** A boat and her locker as one file (docs/boat-file.md): out, looked at beside what is aboard, and in, whole or not at all. */
final readonly class BoatFile
{
    private const KIND = 'boat';

    private const VERSION = 1;

    private const FIGURES = [
        'name', 'units', 'clock_face', 'length', 'beam', 'mast_aft', 'mast_height', 'lines_per_angler', 'crew', 'log_factor',
        'timezone',
    ];

    private const HOLDER = ['code', 'side', 'kind', 'aft', 'starboard', 'height', 'counter_calibrated', 'counter_factor'];

    /** @param  array<string, GearImport>  $gear  by list */
    private function __construct(public Boat $boat, public BoatChange $change, public array $gear)
    {
    }

    /** @return array<string, mixed> SI */
    public static function of(Boat $boat): array
    {
        $locker = [];
        foreach (GearForm::cases() as $form) {
            $keys = ['name', ...array_map(static fn ($field): string => $field->key, $form->fields())];
            $locker[$form->value] = $boat->{$form->value}->map(static fn (Model $piece): array => $piece->only($keys))->all();
        }

        return [
            'admek' => self::KIND, 'version' => self::VERSION,
            'boat' => $boat->only(self::FIGURES) + [
                'holders' => $boat->holders->map(static fn (Holder $holder): array => $holder->only(self::HOLDER))->all(),
            ],
            'locker' => $locker,
        ];
    }

    /**
     * @param  array<string, mixed>  $file
     * @param  array<string, list<mixed>>  $rules  a boat is held to
     * @param  array<string, string>  $messages
     *
     * @throws InvalidValue naming the place in the file
     */
    public static function read(array $file, Boat $boat, array $rules, array $messages, Factory $validators): self
    {
        if (($file['admek'] ?? null) !== self::KIND || ($file['version'] ?? null) !== self::VERSION) {
            throw InvalidValue::because('admek', 'a file of a boat and her locker, of version '.self::VERSION);
        }
        $entered = is_array($file['boat'] ?? null) ? $file['boat'] : [];
        $check = $validators->make($entered, $rules, $messages);
        $wrong = $check->errors()->toArray();
        foreach ($wrong as $field => $said) {
            $allowed = lcfirst((string) preg_replace('/^Must be /', '', rtrim((string) $said[0], '.')));
            throw InvalidValue::because("boat.{$field}", $allowed);
        }
        $ids = $boat->holders->pluck('id', 'code');
        /** @var array<string, mixed> $boatly */
        $boatly = $check->validated();
        $boatly['holders'] = array_map(
            static fn (array $holder): array => ['id' => $ids[$holder['code']] ?? null] + $holder, $boatly['holders'],
        );

        return new self($boat, BoatChange::of($boat, $boatly), self::gear($file['locker'] ?? [], $boat, $validators));
    }

    /** @throws InvalidValue naming the first piece that cannot be used */
    public function keep(): void
    {
        $this->change->keep($this->boat->version);
        $boat = Boat::query()->findOrFail($this->boat->id);
        foreach ($this->gear as $list => $import) {
            $import->keep(GearForm::from($list), $boat);
        }
    }

    /** @return list<string> names of pieces that are new, or changed */
    public function names(bool $new): array
    {
        $names = array_map(static fn (GearImport $gear): array => $gear->names($new), array_values($this->gear));

        return array_merge([], ...$names);
    }

    /** @return array<string, GearImport> */
    private static function gear(mixed $locker, Boat $boat, Factory $validators): array
    {
        $gear = [];
        foreach (is_array($locker) ? $locker : [] as $list => $pieces) {
            $form = GearForm::tryFrom((string) $list) ?? throw InvalidValue::because(
                "locker.{$list}", 'one of '.implode(', ', array_column(GearForm::cases(), 'value')),
            );
            $rows = [];
            foreach (is_array($pieces) ? array_values($pieces) : [] as $i => $piece) {
                $rows[] = ['line' => $i, 'figures' => is_array($piece) ? $piece : []];
            }
            $import = GearImport::checked($form, $rows, [], [], $boat, $validators);
            foreach ($import->bad as $bad) {
                throw InvalidValue::because("locker.{$list}.{$bad['line']}", "a piece that can be used. {$bad['reason']}");
            }
            $gear[$form->value] = $import;
        }

        return $gear;
    }
}
