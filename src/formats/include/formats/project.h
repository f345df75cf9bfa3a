// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QString>
#include <nlohmann/json_fwd.hpp>

#include "job/choices.h"
#include "media/collection.h"
#include "media/paper.h"
#include "advice/ground_choice.h"
#include "make/plan.h"
#include "subject/composition.h"
#include "subject/subject.h"
#include "support/result.h"

namespace yd::formats {

/// Newest version of project.json this program writes and reads.
inline constexpr int kProjectVersion = 3;

/// Of a project file; also its first entry, stored, so that the type is known from the first bytes.
inline constexpr const char* kProjectMimeType = "application/x-yawning-dune";

/// More are refused when a project is read; the window takes no more.
inline constexpr std::size_t kMostEdits = 2000;
inline constexpr std::size_t kMostMarks = 5000;

/// Everything a project keeps: the choices, the materials as they were, and the reference's own bytes. The plan follows
/// from these; a copy of it is written for other programs and not read back.
struct Project {
  QString work_id;  ///< of the work in the journal, the same in every copy; empty in older files
  QByteArray reference;
  QString reference_name;  ///< file name without folder, for display
  subject::ReadOptions read;
  plan::PlanOptions plan;
  subject::Composition composition;
  std::vector<plan::PassMark> marks;  ///< what was said at the easel
  plan::GroundWeights ground_weights = plan::kGroundWeights;
  media::Paper paper;
  media::Collection collection;
  QByteArray thumbnail;  ///< the Board as PNG, at most 512 pixels a side; empty: none. Written, not read back
};

/// What was chosen in a project, and such choices put into one; paper and sticks themselves stay.
job::Choices choices_of(const Project& project);
void take_choices(Project& project, const job::Choices& choices);

/// For a work that has no id yet: the same picture, choices and materials are the same work (RFC 4122, version 5).
QString work_id_of(const Project& project);

/// What the file of a project holds, whether or not it could be opened again. Errors: `io`.
Result<QByteArray> project_bytes(const Project& project, const nlohmann::json& plan_copy);
/// `plan_copy` may be null. Errors: `io` naming the file, those of load_project where it could not be opened again; the
/// file that was there is kept whole.
Status save_project(const QString& file, const Project& project, const nlohmann::json& plan_copy);

/// Errors: `too_new`, `bad_format`, `too_large`, `bad_value` naming file and field.
Result<Project> load_project(const QString& file);

/// The thumbnail alone; empty where the project has none. Errors as load_project.
Result<QByteArray> load_thumbnail(const QString& file);

/// The marks of the easel alone: small enough to be on the disk at once.
Status save_marks(const QString& file, const std::vector<plan::PassMark>& marks);
/// Errors as load_project.
Result<std::vector<plan::PassMark>> load_marks(const QString& file);

}  // namespace yd::formats
