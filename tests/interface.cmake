# Tests that need the interface; on the offscreen platform, and one in a real window.
nabblet_test(entry/session tst_record_place)
nabblet_test(entry/session tst_entry_session)
nabblet_test(entry/reading tst_servers_at_work)
nabblet_test(entry/reading tst_slow_link)
nabblet_test(entry/reading tst_waiting_strip)
nabblet_test(entry/view tst_entry_view)
nabblet_test(entry/view tst_wanted)
nabblet_test(entry/view tst_rows_from_cells)
nabblet_test(entry/print tst_print)
nabblet_test(entry/actions tst_own_actions)
nabblet_test(entry/view tst_own_way_at_work)
nabblet_test(entry/language tst_languages)
nabblet_test(entry/mail tst_waiting_sender)
nabblet_test(entry/view tst_forms_in_languages)
nabblet_test(entry/view tst_find_everywhere)
nabblet_test(entry/view tst_pages_at_work)
nabblet_test(entry/editors tst_controls_at_work)
nabblet_test(entry/view tst_rules_at_work)
nabblet_test(entry/view tst_surfaces)
nabblet_test(entry/view tst_subforms)
nabblet_test(entry/session tst_nothing_lost)
nabblet_test(entry/paint tst_same_pixels nabblet_designer)
nabblet_test(entry/paint tst_look_settings nabblet_entry)
nabblet_test(designer/board tst_board)
nabblet_test(designer/board tst_board_containers)
nabblet_test(designer/panels tst_palette)
nabblet_test(designer/panels tst_catalogue_panel)
nabblet_test(designer/rules tst_rules_page)
nabblet_test(designer/settings tst_settings)
nabblet_test(designer/settings tst_kind_settings)
nabblet_test(designer/new_form tst_new_form)
nabblet_test(designer/document tst_document)

# Sample files against their schemas, by a validator that knows nothing of this program.
file(GLOB sample_forms CONFIGURE_DEPENDS ${CMAKE_SOURCE_DIR}/demo/*/forms/*.nabform)
file(GLOB sample_projects CONFIGURE_DEPENDS ${CMAKE_SOURCE_DIR}/demo/*/project.nabblet)
set(check_schema /usr/bin/python3 ${CMAKE_CURRENT_SOURCE_DIR}/support/check_schema.py)
add_test(NAME files/form_schema COMMAND ${check_schema} ${CMAKE_SOURCE_DIR}/docs/nabform.schema.json ${sample_forms})
add_test(NAME files/project_schema COMMAND ${check_schema} ${CMAKE_SOURCE_DIR}/docs/project.schema.json ${sample_projects})

# The whole job in a real window on an invisible display.
nabblet_test_program(e2e tst_full_example)
if(NOT NABBLET_SANITIZE) # which make it too slow for hands that do not wait
    add_test(NAME e2e/tst_full_example
             COMMAND xvfb-run -a -s "-screen 0 1400x1000x24" $<TARGET_FILE:tst_full_example>)
    set_tests_properties(e2e/tst_full_example PROPERTIES ENVIRONMENT "LC_ALL=C.UTF-8" TIMEOUT 300 RUN_SERIAL ON)
    add_test(NAME e2e/spoken COMMAND ${CMAKE_CURRENT_LIST_DIR}/e2e/spoken $<TARGET_FILE:nabblet> ${CMAKE_SOURCE_DIR}/demo)
    set_tests_properties(e2e/spoken PROPERTIES TIMEOUT 180 RUN_SERIAL ON)
endif()

nabblet_test(app tst_command_line)
nabblet_test(app tst_upkeep_commands)
nabblet_test(app tst_hand_over)
nabblet_starts_the_program(app tst_command_line tst_upkeep_commands tst_hand_over)
nabblet_test(app tst_main_window)
nabblet_test(app tst_rules_and_trial)
nabblet_test(app tst_trial_on_servers)
nabblet_test(app tst_files_at_work)
nabblet_test(app tst_design_window)
nabblet_test(app tst_looks_window)
nabblet_test(app tst_upkeep_window)
nabblet_test(app tst_no_cut_words)
nabblet_test(app tst_guide)
nabblet_test(app tst_demonstration)
nabblet_test(app tst_workspace)
nabblet_test(app tst_server_dialog)

# A rough hand on random forms of random databases: a few fixed seeds here, as many as there is time for by
# tests/rough/soak.
nabblet_test_program(rough rough_hand)
target_include_directories(rough_hand PRIVATE ${CMAKE_CURRENT_SOURCE_DIR}/rough)
set_target_properties(rough_hand PROPERTIES ENABLE_EXPORTS ON) # names in the watchdog's stacks
add_test(NAME rough/rough_hand COMMAND rough_hand --seeds 1-16 --steps 120)
set_tests_properties(rough/rough_hand PROPERTIES
    ENVIRONMENT "QT_QPA_PLATFORM=offscreen;LC_ALL=C.UTF-8;ASAN_OPTIONS=detect_leaks=0"
    TIMEOUT 600)

# Several at once in one database, of each kind; for as long as one likes by --seconds.
nabblet_test_program(rough many_hands)
add_test(NAME rough/many_hands COMMAND many_hands)
set_tests_properties(rough/many_hands PROPERTIES
    ENVIRONMENT "QT_QPA_PLATFORM=offscreen;LC_ALL=C.UTF-8;ASAN_OPTIONS=detect_leaks=0"
    TIMEOUT 300)

# Saving while the disk fails. Not under the sanitizers, which want to be the first library that is loaded.
if(NOT NABBLET_SANITIZE)
    add_library(failing_io MODULE failing_io/failing_io.c)
    target_link_libraries(failing_io PRIVATE ${CMAKE_DL_LIBS})
    target_compile_options(failing_io PRIVATE -Wno-pedantic) # POSIX makes functions of pointers
    nabblet_test(failing_io tst_failing_io)
    target_link_libraries(tst_failing_io PRIVATE nabblet_entry)
    target_compile_definitions(tst_failing_io PRIVATE NABBLET_FAILING_IO="$<TARGET_FILE:failing_io>")
    add_dependencies(tst_failing_io failing_io)
endif()
