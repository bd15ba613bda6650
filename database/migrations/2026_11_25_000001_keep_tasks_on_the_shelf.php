<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The shelf keeps tasks in their one form, shelves have keys instead of words, and what was done once is remembered.
 */
return new class extends Migration {
    private const KEYS = [
        'Multiplying, first evening' => 'multiply-first',
        'Multiplying, gaps and longer ones' => 'multiply-longer',
        'Factoring, leading 1 and more' => 'factor-first',
    ];

    public function up(): void
    {
        Schema::create('milestones', function (Blueprint $table): void {
            $table->string('name', 60)->primary();
            $table->timestamp('reached_at');
        });
        Schema::table('examples', function (Blueprint $table): void {
            $table->text('task')->default('{}');
        });
        foreach (DB::table('examples')->get() as $row) {
            DB::table('examples')->where('id', $row->id)->update([
                'shelf' => is_string($row->shelf) ? self::KEYS[$row->shelf] ?? 'own' : 'own',
                'task' => json_encode([
                    'problem' => $row->problem,
                    'method' => $row->method,
                ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            ]);
        }
        if (DB::table('examples')->exists()) {
            DB::table('milestones')->insert(['name' => 'demo-shelf', 'reached_at' => now()]);
        }
        Schema::table('examples', function (Blueprint $table): void {
            $table->dropColumn(['problem', 'method']);
        });
    }

    /** The way back would lose what tasks hold beyond a problem and a method. */
    public function down(): never
    {
        throw new LogicException('Tasks on the shelf cannot be made into problems again.');
    }
};
