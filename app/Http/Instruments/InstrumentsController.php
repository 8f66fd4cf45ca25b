<?php

declare(strict_types=1);

namespace App\Http\Instruments;

use Admek\Core\Boat\Hull;
use Admek\Core\Instruments\Corrections;
use Admek\Core\Instruments\Fault;
use Admek\Core\Instruments\Figure;
use Admek\Core\Instruments\Known;
use Admek\Core\Instruments\Live;
use Admek\Core\Instruments\Motion;
use Admek\Core\Instruments\Source;
use Admek\Core\Instruments\SourceKind;
use App\Http\Within;
use App\Instruments\Instruments;
use App\Instruments\LiveFile;
use App\Models\Boat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What the boat listens to, how it is put right, and what is heard. */
final class InstrumentsController
{
    /** Letters of an address, more than any kind takes. */
    private const ADDRESS = 300;

    public function show(Boat $boat, LiveFile $live): JsonResponse
    {
        return new JsonResponse(self::told($boat, $live->read()), options: JSON_PRESERVE_ZERO_FRACTION);
    }

    public function update(Request $request, Boat $boat, LiveFile $live): JsonResponse
    {
        $told = $request->validate([
            'transducer' => ['present', 'nullable', 'numeric:strict', Within::range(Corrections::TRANSDUCER)],
            'log_factor' => ['required', 'numeric:strict', Within::range(Hull::LOG_FACTOR)],
            'sources' => ['present', 'list', 'max:'.Source::MOST],
            'sources.*' => ['required', 'array:name,kind,address'],
            'sources.*.name' => ['required', 'string', 'max:'.Source::NAME],
            'sources.*.kind' => ['required', Rule::enum(SourceKind::class)],
            'sources.*.address' => ['required', 'string', 'max:'.self::ADDRESS],
        ]);
        $factor = (float) $told['log_factor'];
        $boat->update([
            'instruments' => ['transducer' => $told['transducer'] === null ? null : (float) $told['transducer'],
                'sources' => Source::list($told['sources'])],
            'log_factor' => $factor,
            // Who has her open with another factor is told, and does not put it back.
            'version' => $boat->version + ($factor === $boat->log_factor ? 0 : 1),
        ]);

        return $this->show($boat, $live);
    }

    /** @return array<string, mixed> */
    private static function told(Boat $boat, Instruments $heard): array
    {
        $states = array_column($heard->sources, null, 'name');

        return [
            'now' => now()->format('Y-m-d\TH:i:s.v\Z'), 'listens' => $heard->listens,
            'transducer' => $boat->corrections()->transducer, 'log_factor' => $boat->log_factor,
            'sources' => array_map(static fn (Source $source): array => [
                'name' => $source->name, 'kind' => $source->kind->value, 'address' => $source->address,
                'state' => $states[$source->name]['state'] ?? null, 'silence' => $states[$source->name]['silence'] ?? null,
                'live' => ($states[$source->name]['silence'] ?? INF) <= Live::SILENT,
                'talkers' => self::talkers($source->name, $heard),
            ], $boat->sources()),
            'figures' => self::figures($heard->motion($boat->corrections())),
        ];
    }

    /** @return list<array{talker: string, used: int, not_used: list<array{why: string, count: int}>}> */
    private static function talkers(string $source, Instruments $heard): array
    {
        $talkers = [];
        foreach ($heard->talkers as $name => ['used' => $used, 'faults' => $faults]) {
            [$of, $talker] = explode('/', "{$name}/");
            if ($of === $source && ($used > 0 || $faults !== [])) {
                $talkers[] = ['talker' => $talker, 'used' => $used, 'not_used' => array_map(
                    static fn (string $fault, int $count): array => ['why' => Fault::from($fault)->words(), 'count' => $count],
                    array_keys($faults), $faults,
                )];
            }
        }

        return $talkers;
    }

    /** @return list<array<string, mixed>> */
    private static function figures(Motion $motion): array
    {
        $told = [];
        foreach (Figure::cases() as $figure) {
            if (isset($motion->figures[$figure->value])) {
                $told[] = self::figure($figure, $motion->figures[$figure->value]);
            }
        }

        return $told;
    }

    /** @return array<string, mixed> */
    private static function figure(Figure $figure, Known $known): array
    {
        return [
            'figure' => $figure->value, 'words' => $figure->words(), 'quantity' => $figure->quantity()?->value,
            'value' => $known->value, 'source' => $known->source, 'age' => round($known->age, 1), 'live' => $known->live,
            'others' => array_map(
                static fn (string $source, float $value): array => ['source' => $source, 'value' => $value],
                array_keys($known->others), $known->others,
            ),
        ];
    }
}
