<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What is behind the tutor's passphrase. Keys are made where a row is written, not counted, so that what went out with
 * an export comes back under the same key anywhere.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('tutors', function (Blueprint $table): void {
            $table->id();
            $table->string('passphrase');
            $table->rememberToken();
            $table->unsignedInteger('keep_months')->default(12);
            $table->timestamps();
        });
        Schema::create('lessons', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 80);
            $table->dateTime('held_at')->nullable();
            $table->unsignedInteger('minutes');
            $table->unsignedInteger('wide');
            $table->unsignedInteger('high');
            $table->json('style');
            $table->json('items');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('lesson_plays', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('lesson_id')->constrained('lessons')->cascadeOnDelete();
            $table->dateTime('started_at');
            $table->dateTime('ended_at')->nullable();
            $table->timestamps();
        });
        Schema::create('lesson_moments', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('play_id')->constrained('lesson_plays')->cascadeOnDelete();
            $table->string('kind', 10);
            $table->unsignedInteger('place');
            $table->unsignedInteger('step')->nullable();
            $table->unsignedInteger('usual')->nullable();
            $table->text('text')->default('');
            $table->dateTime('at');
            $table->timestamps();
        });
        Schema::create('learners', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 80);
            $table->json('style');
            $table->text('note')->default('');
            $table->unsignedInteger('daily')->default(3);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('learner_groups', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 80);
            $table->timestamps();
        });
        Schema::create('group_learner', function (Blueprint $table): void {
            $table->foreignUlid('group_id')->constrained('learner_groups')->cascadeOnDelete();
            $table->foreignUlid('learner_id')->constrained('learners')->cascadeOnDelete();
            $table->primary(['group_id', 'learner_id']);
        });
        Schema::create('handings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('learner_id')->constrained('learners')->cascadeOnDelete();
            $table->json('tasks');
            $table->dateTime('expires_at');
            $table->timestamps();
        });
        Schema::create('attempts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('learner_id')->constrained('learners')->cascadeOnDelete();
            $table->json('task');
            $table->string('skill', 40)->nullable();
            $table->unsignedInteger('rung')->nullable();
            $table->json('lines');
            $table->json('verdicts')->default('[]');
            $table->json('slips');
            $table->unsignedInteger('help')->default(0);
            $table->unsignedInteger('seconds')->nullable();
            $table->boolean('finished')->default(false);
            $table->string('source', 10);
            $table->string('mark', 20)->default('');
            $table->text('remark')->default('');
            $table->dateTime('at');
            $table->foreignUlid('handing_id')->nullable()->constrained('handings')->nullOnDelete();
            $table->unsignedInteger('place')->nullable();
            $table->timestamps();
            $table->unique(['handing_id', 'place']);
            $table->index(['learner_id', 'at']);
        });
        Schema::create('return_words', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('learner_id')->constrained('learners')->cascadeOnDelete();
            $table->string('skill', 40);
            $table->unsignedInteger('rung');
            $table->date('said_on');
            $table->date('due_on')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        $tables = [
            'return_words',
            'attempts',
            'handings',
            'group_learner',
            'learner_groups',
            'learners',
            'lesson_moments',
            'lesson_plays',
            'lessons',
            'tutors',
        ];
        foreach ($tables as $table) {
            Schema::dropIfExists($table);
        }
    }
};
