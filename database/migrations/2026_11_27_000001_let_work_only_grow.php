<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What was written on a piece of work stays with it when it is mended or taken back; the tutor's word and the judge's
 * stand beside it. A problem that was handed out has one piece of work: where there are several, they are joined.
 */
return new class extends Migration {
    public function up(): void
    {
        $this->mendVerdicts();
        Schema::table('attempts', function (Blueprint $table): void {
            $table->json('history')->default('[]');
            $table->unsignedInteger('helping')->default(0);
            $table->json('judged')->default('{}');
            $table->json('ruled')->default('{}');
            $table->json('counted')->default('[]');
            $table->string('outcome', 10)->nullable();
            $table->boolean('began')->default(false);
        });
        $this->joinDoubles();
        // What stands, what comes back and which slips are counted is read off these.
        DB::table('attempts')->update([
            'counted' => DB::raw('slips'),
            'began' => DB::raw("lines <> '[]'"),
            'outcome' => DB::raw(
                "case when lines = '[]' then null when slips <> '[]' then 'slipped' when finished = 0 then null"
                . " when help > 0 then 'with-help' else 'sound' end",
            ),
        ]);
        foreach (DB::table('attempts')->where('mark', '<>', '')->get(['id', 'mark', 'help']) as $row) {
            if (is_string($row->mark)
                && preg_match('/^\s*(\d{1,4})\s*(?:\/|of)\s*(\d{1,4})\b/', $row->mark, $match) === 1
                && (int) $match[2] > 0 && (int) $match[1] >= (int) $match[2]) {
                DB::table('attempts')->where('id', $row->id)->update([
                    'counted' => '[]',
                    'outcome' => $row->help > 0 ? 'with-help' : 'sound',
                ]);
            }
        }
        Schema::table('attempts', fn(Blueprint $table) => $table->index(
            // All that lists need of a piece of work, so that they read nothing else.
            ['learner_id', 'began', 'at', 'skill', 'rung', 'outcome', 'counted'],
            'attempts_listed',
        ));
        $unique = array_filter(Schema::getIndexes('attempts'), static fn(array $index): bool => $index['unique']
            && $index['columns'] === ['handing_id', 'place']);
        if ($unique === []) {
            Schema::table('attempts', fn(Blueprint $table) => $table->unique(['handing_id', 'place']));
        }
    }

    /** What was kept in the new columns would be lost. */
    public function down(): never
    {
        throw new LogicException('Work that was written does not shrink.');
    }

    /** Databases of one day lack the column that the migration before this one was given afterwards. */
    private function mendVerdicts(): void
    {
        if (!Schema::hasColumn('attempts', 'verdicts')) {
            Schema::table('attempts', fn(Blueprint $table) => $table->json('verdicts')->default('[]'));
        }
    }

    private function joinDoubles(): void
    {
        $doubles = DB::table('attempts')->whereNotNull('handing_id')->whereNotNull('place')
            ->select('handing_id', 'place')->groupBy('handing_id', 'place')->havingRaw('count(*) > 1')->get();
        foreach ($doubles as $double) {
            // The one that went furthest stays.
            $rows = DB::table('attempts')->where('handing_id', $double->handing_id)->where('place', $double->place)
                ->orderByDesc('finished')->orderByRaw('length(lines) desc')->orderBy('at')->orderBy('id')->get();
            $kept = $rows->firstOrFail();
            $history = [];
            $slips = self::list($kept->slips);
            foreach ($rows->skip(1) as $row) {
                foreach (self::list($row->lines) as $line) {
                    $history[] = ['line' => $line, 'gone' => 'joined', 'at' => $row->at];
                }
                array_push($slips, ...array_values(array_diff(self::list($row->slips), $slips)));
            }
            DB::table('attempts')->where('id', $kept->id)->update([
                'history' => json_encode($history, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'slips' => json_encode($slips, JSON_THROW_ON_ERROR),
                'help' => $rows->max('help'),
            ]);
            DB::table('attempts')->whereIn('id', $rows->skip(1)->pluck('id'))->delete();
        }
    }

    /** @return list<string> */
    private static function list(mixed $json): array
    {
        $list = is_string($json) ? json_decode($json, true) : null;

        return is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
    }
};
