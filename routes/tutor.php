<?php

declare(strict_types=1);

use App\Http\Controllers\GroupController;
use App\Http\Controllers\HandingController;
use App\Http\Controllers\KeptLessonController;
use App\Http\Controllers\LearnerController;
use App\Http\Controllers\LessonController;
use App\Http\Controllers\PileRecordController;
use App\Http\Controllers\PlayController;
use App\Http\Controllers\RoomController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\TutorController;
use Illuminate\Support\Facades\Route;

// Behind the tutor's passphrase, all of it.
Route::get('/lessons', [LessonController::class, 'index'])->name('lessons');
Route::post('/lessons', [KeptLessonController::class, 'store'])->name('lessons.store');
Route::post('/lessons/import', [KeptLessonController::class, 'import'])->name('lessons.import');
Route::get('/lessons/play', [LessonController::class, 'play'])->name('lessons.play');
Route::get('/lessons/sheet', [LessonController::class, 'sheet'])->name('lesson-sheet');
Route::get('/lessons/runel-lesson.{extension}', [
    LessonController::class,
    'file',
])->where('extension', 'json|md')->name('lesson-file');
Route::get('/lessons/runel-lessons.ics', [KeptLessonController::class, 'calendar'])->name('lessons.calendar');
Route::prefix('/lessons/{lesson}')->name('lessons.')->whereUlid('lesson')->group(static function (): void {
    Route::get('/', [KeptLessonController::class, 'show'])->name('show');
    Route::put('/', [KeptLessonController::class, 'rename'])->name('rename');
    Route::delete('/', [KeptLessonController::class, 'remove'])->name('remove');
    Route::get('/sheet', [KeptLessonController::class, 'sheet'])->name('sheet');
    Route::get('/runel-lesson.{extension}', [
        KeptLessonController::class,
        'file',
    ])->where('extension', 'json|md|ics')->name('file');
    Route::put('/order', [KeptLessonController::class, 'order'])->name('order');
    Route::post('/items', [KeptLessonController::class, 'add'])->name('items.add');
    Route::put('/items/{item}', [KeptLessonController::class, 'change'])->name('items.change');
    Route::delete('/items/{item}', [KeptLessonController::class, 'drop'])->name('items.drop');
    Route::post('/plays', [PlayController::class, 'start'])->name('start');
});
Route::prefix('/plays/{play}')->name('plays.')->whereUlid('play')->whereNumber('item')->group(static function (): void {
    Route::get('/leave', [PlayController::class, 'leave'])->name('leave');
    Route::get('/', [PlayController::class, 'show'])->name('show');
    Route::get('/{item}', [PlayController::class, 'item'])->name('item');
    Route::post('/reach/{item}', [PlayController::class, 'reach'])->name('reach');
    Route::get('/{item}/line', [PlayController::class, 'line'])->name('line');
    Route::post('/{item}/ink', [PlayController::class, 'ink'])->name('ink');
    Route::post('/notes', [PlayController::class, 'note'])->name('note');
    Route::post('/end', [PlayController::class, 'end'])->name('end');
});
Route::get('/today', [TodayController::class, 'show'])->name('today');
Route::get('/learners', [LearnerController::class, 'index'])->name('learners');
Route::post('/learners', [LearnerController::class, 'store'])->name('learners.store');
Route::post('/learners/seen', [LearnerController::class, 'seen'])->name('learners.seen');
Route::post('/learners/pile', [PileRecordController::class, 'ask'])->name('learners.pile');
Route::post('/learners/pile/keep', [PileRecordController::class, 'keep'])->name('learners.pile.keep');
Route::prefix('/learners/{learner}')->name('learners.')->whereUlid('learner')->group(static function (): void {
    Route::get('/', [LearnerController::class, 'show'])->name('show');
    Route::put('/', [LearnerController::class, 'change'])->name('change');
    Route::get('/farewell', [LearnerController::class, 'farewell'])->name('farewell');
    Route::delete('/', [LearnerController::class, 'forget'])->name('forget');
    Route::post('/lines', [LearnerController::class, 'write'])->name('write');
    Route::post('/returns', [LearnerController::class, 'move'])->name('move');
    Route::get('/runel-learner.{extension}', [
        LearnerController::class,
        'file',
    ])->where('extension', 'json|csv|ics')->name('file');
    Route::put('/attempts/{attempt}', [
        LearnerController::class,
        'rule',
    ])->whereUlid('attempt')->scopeBindings()->name('attempts.rule');
    Route::delete('/attempts/{attempt}', [
        LearnerController::class,
        'removeAttempt',
    ])->whereUlid('attempt')->scopeBindings()->name('attempts.remove');
});
Route::post('/groups', [GroupController::class, 'store'])->name('groups.store');
Route::prefix('/groups/{group}')->name('groups.')->whereUlid('group')->group(static function (): void {
    Route::get('/', [GroupController::class, 'show'])->name('show');
    Route::put('/', [GroupController::class, 'rename'])->name('rename');
    Route::put('/style', [GroupController::class, 'restyle'])->name('restyle');
    Route::delete('/', [GroupController::class, 'remove'])->name('remove');
});
Route::get('/handing', [HandingController::class, 'ask'])->name('handing');
Route::get('/handing/open', [HandingController::class, 'index'])->name('handing.open');
Route::post('/handing', [HandingController::class, 'hand'])->name('handing.hand');
Route::delete('/handing/{handing}', [HandingController::class, 'takeBack'])->whereUlid('handing')->name('handing.back');
Route::get('/rooms', [RoomController::class, 'index'])->name('rooms');
Route::post('/rooms', [RoomController::class, 'ask'])->name('rooms.ask');
Route::prefix('/rooms/{room}')->name('rooms.')->whereUlid('room')->group(static function (): void {
    Route::get('/', [RoomController::class, 'desk'])->name('desk');
    Route::get('/heard', [RoomController::class, 'heard'])->name('heard');
    Route::get('/view', [RoomController::class, 'view'])->name('view');
    Route::get('/shown', [RoomController::class, 'shown'])->name('shown');
    Route::put('/', [RoomController::class, 'change'])->name('change');
    Route::post('/next', [RoomController::class, 'next'])->name('next');
    Route::post('/records', [RoomController::class, 'record'])->name('record');
    Route::delete('/members/{member}', [RoomController::class, 'remove'])->whereUlid('member')->name('remove');
    Route::delete('/', [RoomController::class, 'close'])->name('close');
});
Route::post('/tutor/out', [TutorController::class, 'leave'])->name('tutor.leave');
Route::post('/tutor/out-everywhere', [TutorController::class, 'leaveEverywhere'])->name('tutor.leave-everywhere');
Route::post('/tutor/passphrase', [TutorController::class, 'change'])->name('tutor.change');
Route::post('/tutor/settings', [TutorController::class, 'settings'])->name('tutor.settings');
Route::get('/tutor/runel.zip', [TutorController::class, 'export'])->name('tutor.export');
