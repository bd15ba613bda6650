<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rooms in which everybody answers from a screen of their own: they end by themselves, and what is in them goes. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('live_rooms', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('code', 5)->unique();
            $table->foreignUlid('group_id')->nullable()->constrained('learner_groups')->nullOnDelete();
            // step: the next step of a board is asked for; lines: a problem is worked on one's own.
            $table->string('kind')->default('step');
            // The board's address at the step that is asked for, as its parts.
            $table->text('asked');
            $table->integer('number')->default(1);
            $table->string('state')->default('open');
            $table->string('rule')->default('change');
            $table->boolean('at_once')->default(false);
            $table->boolean('shows_board')->default(true);
            $table->text('put_up')->nullable();
            // What learners see has changed; what the tutor sees has.
            $table->integer('version')->default(1);
            $table->integer('heard')->default(0);
            $table->dateTime('ends_at')->index();
            $table->timestamps();
        });
        Schema::create('room_members', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('room_id')->constrained('live_rooms')->cascadeOnDelete();
            $table->string('token', 64);
            $table->string('name', 80);
            $table->foreignUlid('learner_id')->nullable()->constrained('learners')->nullOnDelete();
            $table->boolean('removed')->default(false);
            $table->timestamps();
            $table->unique(['room_id', 'token']);
        });
        Schema::create('room_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('room_id')->constrained('live_rooms')->cascadeOnDelete();
            $table->foreignUlid('member_id')->constrained('room_members')->cascadeOnDelete();
            $table->integer('number');
            $table->text('typed');
            $table->integer('tries')->default(1);
            // Of lines: how far they are.
            $table->text('work')->nullable();
            $table->timestamps();
            $table->unique(['member_id', 'number']);
        });
        // Each distinct text is judged once.
        Schema::create('room_verdicts', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('room_id')->constrained('live_rooms')->cascadeOnDelete();
            $table->integer('number');
            $table->string('typed', 400);
            $table->string('alike', 400);
            $table->boolean('right');
            $table->boolean('read');
            $table->string('slip')->nullable();
            $table->text('said');
            $table->unique(['room_id', 'number', 'typed']);
        });
    }

    /** Rooms are over sooner than anybody would go back. */
    public function down(): void
    {
        foreach (['room_verdicts', 'room_answers', 'room_members', 'live_rooms'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
